import { randomUUID } from 'node:crypto'
import type { Device } from './device'

const DAY_MS = 86_400_000

/** A session that somebody trains today. */
export interface Planned {
  readonly sessionId: string
  readonly athleteId: string
  /** Keys of the drills by their names. */
  readonly items: ReadonlyMap<string, string>
}

interface Stored { readonly id: string, readonly items: readonly { readonly id: string, readonly name: string }[] }

/** A new athlete with a session of today, whatever is to be in it. */
export async function planToday(coach: Device, session: object): Promise<Planned> {
  const athleteId = randomUUID()
  const { me } = await coach.read<{ me: { today: string } }>('/api/session')
  const [group] = await coach.read<{ id: string }[]>('/api/groups')
  await coach.write('POST', '/api/athletes', {
    id: athleteId, athlete: {
      name: `Floor ${athleteId.slice(0, 8)}`, goal: '', goalVariationId: null, goalLift: null, sport: 'general',
      position: '', sex: 'female', heightCm: 170, massKg: 64, birthYear: 2000, trainingAgeYears: 3,
      equipment: ['wall'], available: [], flags: [], braceStep: 5, stands: [], weakLink: null, weakSide: null,
      groupIds: [group!.id],
    },
  })
  const today = new Date(`${me.today}T00:00:00Z`)
  const day = (today.getUTCDay() + 6) % 7
  const monday = new Date(today.getTime() - day * DAY_MS).toISOString().slice(0, 10)
  const address = `/api/athletes/${athleteId}/weeks/${monday}`
  const told = await coach.write('PUT', address, {
    version: 0, plan: { sessions: [{ id: 'd', day, minutes: 60, lifts: [], ...session }] },
  })
  const { version } = told!.answer as { version: number }
  await coach.write('POST', `${address}/assign`, { version, reason: 'x' })
  const { session: stored } = await coach.read<{ session: Stored | null }>(`/api/athletes/${athleteId}/today`)
  if (!stored) throw new Error(`No session: ${JSON.stringify(told)}`)
  return { athleteId, sessionId: stored.id, items: new Map(stored.items.map(one => [one.name, one.id])) }
}

/** A drill of such a session. */
export const anItem = (id: string, variationId: string, dose: object, over: object = {}): object => ({
  id, variationId, dose, slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: 'x', ...over,
})
