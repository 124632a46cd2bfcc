import { must } from '../errors'
import type { Bound } from './answer'
import { COACH, type Compiled, type Job } from './compiled'

/** A block with the least that lies before and after it for whoever does it. */
interface Span {
  readonly head: number
  readonly ticks: number
  readonly tail: number
}

/**
 * The tick before which no timetable of a room can end: the longest of what each athlete needs for the own blocks, and
 * what each place, two that are kept apart, the coach and the helpers need, with the least that must come before and
 * after (heads and tails; recalled from memory: Carlier 1987 for one and more machines).
 */
export function lowerBound(all: Compiled): Bound {
  const { room, ofAthlete, names } = all
  let best: Bound = { end: 0, because: null }
  const may = (end: number, kind: NonNullable<Bound['because']>['kind'], id: string): void => {
    if (end > best.end) best = { end, because: { kind, id } }
  }
  for (const [i, one] of room.athletes.entries()) {
    const own = must(ofAthlete[i])
    if (own.length > 0) may(one.from + lengthOf(all, own, one.order), 'athlete', one.id)
  }
  for (const [place, id] of names.entries()) {
    const spans = spansAt(all, job => job.needs.includes(place))
    may(placeBound(spans, Math.max(0, ...must(all.roomAt[place]))), id === COACH ? 'coach' : 'place', id)
  }
  for (const [a, b] of room.apart) may(apartBound(all, names.indexOf(a), names.indexOf(b)), 'apart', `${a} and ${b}`)
  const helped = all.jobs.filter(({ block }) => block.partner)
  if (helped.length > 0) may(helpersBound(all, helped), 'helpers', '')
  return best
}

/** Ticks that somebody's blocks take: with the moves of their order, or of the shortest one. */
function lengthOf({ room: { moveTicks } }: Compiled, own: readonly Job[], order: 'strict' | 'loose'): number {
  const moves = order === 'strict'
    ? own.filter((job, i) => i > 0 && job.place !== must(own[i - 1]).place).length
    : Math.max(0, new Set(own.map(job => job.place)).size - 1)
  return own.reduce((sum, { ticks }) => sum + ticks, 0) + moves * moveTicks
}

function spansAt(all: Compiled, uses: (job: Job) => boolean): Span[] {
  return all.jobs.filter(uses).map((job): Span => {
    const { from, order } = must(all.room.athletes[job.athlete])
    if (order === 'loose') return { head: from, ticks: job.ticks, tail: 0 }
    const own = must(all.ofAthlete[job.athlete])
    const [upTo, after] = [own.slice(0, job.nth + 1), own.slice(job.nth)]
    return {
      head: from + lengthOf(all, upTo, order) - job.ticks, ticks: job.ticks,
      tail: lengthOf(all, after, order) - job.ticks,
    }
  })
}

/**
 * The most that any share of the blocks asks of a place: those with the longest heads and tails, with the smallest of
 * both once for each that has room at once.
 */
function placeBound(spans: readonly Span[], atOnce: number): number {
  if (atOnce === 0 || spans.length === 0) return 0
  let best = 0
  for (const least of new Set(spans.map(({ head }) => head))) {
    const late = spans.filter(({ head }) => head >= least)
    for (const most of new Set(late.map(({ tail }) => tail))) {
      const share = late.filter(({ tail }) => tail >= most)
      if (share.length < atOnce) continue
      const smallest = (of: (span: Span) => number): number[] => share.map(of).sort((a, b) => a - b).slice(0, atOnce)
      const [heads, tails] = [smallest(({ head }) => head), smallest(({ tail }) => tail)]
      const work = total(share.map(({ ticks }) => ticks))
      const whole = must(heads[0]) + packed(share, atOnce) + must(tails[0])
      best = Math.max(best, whole, Math.ceil((total(heads) + work + total(tails)) / atOnce))
    }
  }
  return best
}

const total = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0)

/**
 * What whole blocks ask: of the k x n + 1 longest, n at once, one place holds k + 1, at the least the shortest of them
 * (recalled from memory: Martello and Toth 1990).
 */
function packed(spans: readonly Span[], atOnce: number): number {
  const ticks = spans.map(span => span.ticks).sort((a, b) => b - a)
  let best = 0
  for (let k = 1; k * atOnce < ticks.length; k++)
    best = Math.max(best, total(ticks.slice(k * atOnce - k, k * atOnce + 1)))
  return best
}

/** Two that are never in use together: what one asks comes on top of what the other does. */
function apartBound(all: Compiled, a: number, b: number): number {
  const [first, second] = [a, b].map(place => Math.max(0, ...must(all.roomAt[place])))
  const spans = spansAt(all, job => job.needs.includes(a) || job.needs.includes(b))
  if (first === 1 && second === 1) return placeBound(spans, 1)
  if (!first || !second || spans.length === 0) return 0
  const workAt = (place: number, but = -1): number =>
    all.jobs.filter(job => job.needs.includes(place) && !job.needs.includes(but)).reduce((sum, j) => sum + j.ticks, 0)
  return Math.min(...spans.map(({ head }) => head)) + Math.min(...spans.map(({ tail }) => tail))
    + Math.ceil(workAt(a) / first) + Math.ceil(workAt(b, a) / second)
}

/** Helping takes two: all that is done and helped with, over everybody there is. */
function helpersBound({ jobs, room }: Compiled, helped: readonly Job[]): number {
  const ticks = (of: readonly Job[]): number => of.reduce((sum, job) => sum + job.ticks, 0)
  const arrivals = room.athletes.reduce((sum, { from }) => sum + from, 0)
  return Math.ceil((arrivals + ticks(jobs) + ticks(helped)) / room.athletes.length)
}
