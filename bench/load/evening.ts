import { randomUUID } from 'node:crypto'
import type { SessionRun, Today } from '~~/shared/types'
import { spread } from '../timing'
import type { Visitor } from '../../hardening/signedInAs'

/** Milliseconds of each answer, by what was asked; and what was not answered well, by its status. */
export interface Answers {
  readonly times: Map<string, number[]>
  readonly failed: Map<string, number>
  /** Sets that the server said it stored: where each stands. One that somebody did before is one with it. */
  readonly stored: SetPlace[]
}

/** The place of a set: of which drill, on which day, which of how many. */
export interface SetPlace {
  readonly item: string
  readonly day: string
  readonly set: number
  readonly side: string | null
}

const WAIT_MS = 60_000
const sleep = (ms: number): Promise<void> => new Promise(resolve => setTimeout(resolve, ms))

/** Asks one thing, notes how long it took, and answers what came; undefined when it failed. */
export async function ask<T>(
  answers: Answers, base: string, { headers }: Visitor, kind: string, path: string, body?: unknown,
): Promise<T | undefined> {
  const from = performance.now()
  const answer = await fetch(base + path, {
    method: body === undefined ? 'GET' : 'POST', signal: AbortSignal.timeout(WAIT_MS),
    headers: body === undefined ? headers : { ...headers, 'x-keen-write': randomUUID() },
    ...body === undefined ? {} : { body: JSON.stringify(body) },
  }).then(async got => ({ status: got.status, text: await got.text() })).catch(() => ({ status: 0, text: '' }))
  answers.times.set(kind, [...answers.times.get(kind) ?? [], performance.now() - from])
  if (answer.status === 200) return JSON.parse(answer.text) as T
  const failure = `${kind}: ${answer.status}`
  answers.failed.set(failure, (answers.failed.get(failure) ?? 0) + 1)
  return undefined
}

/** An athlete opens the day and does its sets, one every half minute or so, until the time is over. */
async function athlete(answers: Answers, base: string, who: Visitor, until: number, restMs: number): Promise<void> {
  for (let set = 1; Date.now() < until;) {
    const today = await ask<Today>(answers, base, who, 'today', `/api/athletes/${who.athleteId}/today`)
    const sessionId = today?.session?.id ?? today?.nextDays[0]?.sessionId
    const run = sessionId
      ? await ask<SessionRun>(answers, base, who, 'session', `/api/sessions/${sessionId}`)
      : undefined
    for (const item of run?.session?.items.filter(one => !one.stopped) ?? []) {
      await sleep(restMs * (0.5 + Math.random()))
      if (Date.now() >= until) return
      const id = randomUUID()
      const place = {
        item: item.id, day: today!.day, set: 1 + set++ % 50, side: item.sides === 'each' ? 'left' : null,
      }
      const found = await ask<{ stored: string[] }>(answers, base, who, 'set', '/api/logs', {
        logs: [{
          id, prescribedItemId: place.item, day: place.day, performedAt: new Date().toISOString(),
          setNumber: place.set, side: place.side, amount: 10, breakPoint: 'none', setting: {}, feltAt: [],
          effort: 5, painAt: null, note: '',
        }],
      })
      if (found) answers.stored.push(place)
    }
    await sleep(restMs)
  }
}

/** A coach goes through the rooms. */
async function coach(answers: Answers, base: string, who: Visitor, until: number, restMs: number): Promise<void> {
  const rooms = [['day', '/api/day'], ['roster', '/api/athletes'], ['seasons', '/api/seasons']] as const
  for (let i = 0; Date.now() < until; i++) {
    const [kind, path] = rooms[i % rooms.length]!
    await ask(answers, base, who, `${kind}, ${who.role}`, path)
    await sleep(restMs * (0.5 + Math.random()))
  }
}

/** A Monday evening: everybody at once, spread over the servers. */
export async function evening(
  bases: readonly string[], people: readonly Visitor[], minutes: number, restMs: number,
): Promise<Answers> {
  const answers: Answers = { times: new Map(), failed: new Map(), stored: [] }
  const until = Date.now() + minutes * 60_000
  await Promise.all(people.map(async (who, i) => {
    // Nobody begins on the same second.
    await sleep(restMs * i / people.length)
    const base = bases[i % bases.length]!
    return who.athleteId ? athlete(answers, base, who, until, restMs) : coach(answers, base, who, until, restMs)
  }))
  return answers
}

/** One line for each kind of question, and one for what failed. */
export function said({ times, failed }: Answers): string[] {
  const lines = [...times].sort(([a], [b]) => a.localeCompare(b)).map(([kind, all]) => {
    const { median, p95 } = spread(all)
    const p99 = [...all].sort((a, b) => a - b)[Math.floor(all.length * 0.99)]!
    const ms = [median, p95, p99].map(time => time.toFixed(0))
    return `${kind}: ${all.length} asked, p50 ${ms[0]} ms, p95 ${ms[1]} ms, p99 ${ms[2]} ms`
  })
  const errors = [...failed].map(([what, n]) => `${what} x ${n}`)
  return [...lines, `not answered well: ${errors.length > 0 ? errors.join(', ') : 'none'}`]
}
