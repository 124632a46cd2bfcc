import { DomainError } from '../errors'

/** Seconds of the grid that a floor is planned on. */
export const TICK_S = 30

/** A time in which a place, or the coach, has room for fewer; ticks from the start, `to` not included. */
export interface Narrow {
  readonly from: number
  readonly to: number
  readonly atOnce: number
}

/** How many blocks have room at once, and when fewer. */
export interface Limit {
  readonly atOnce: number
  readonly narrow?: readonly Narrow[]
}

/** Where blocks are done, or what they are done with: a place to stand at, or a thing of which there are so many. */
export interface Place extends Limit {
  readonly id: string
}

/** What is done in one go: a lift with what lies in its rests, a drill with its sets, a circuit. */
export interface Block {
  readonly id: string
  /** All of them for the whole of it; the athlete stands at the first. */
  readonly needs: readonly string[]
  readonly ticks: number
  /** The coach looks on. */
  readonly watched: boolean
  /** Another athlete of the room, free meanwhile, helps. */
  readonly partner: boolean
}

/** Somebody who is in the room for a time. */
export interface Present {
  readonly id: string
  /** Tick of arrival. */
  readonly from: number
  /** Tick by which they have to leave; null: nothing calls. */
  readonly until: number | null
  /** Whether blocks are done in the order they are listed in. */
  readonly order: 'strict' | 'loose'
  readonly blocks: readonly Block[]
}

/** What a floor timetable is made of; all times in ticks of half a minute from the start. */
export interface Room {
  readonly places: readonly Place[]
  readonly athletes: readonly Present[]
  /** Blocks that the coach can watch at once; null: somebody is there for each. */
  readonly coach: Limit | null
  /** Ticks from one place to another. */
  readonly moveTicks: number
  /** Places that may not be in use at the same time: throws and carries, say. */
  readonly apart: readonly (readonly [string, string])[]
}

/**
 * Blocks that have room at a tick.
 *
 * @example
 * atOnceAt({ atOnce: 2, narrow: [{ from: 4, to: 6, atOnce: 0 }] }, 5) // => 0
 */
export function atOnceAt({ atOnce, narrow }: Limit, tick: number): number {
  let least = atOnce
  for (const one of narrow ?? []) if (one.from <= tick && tick < one.to) least = Math.min(least, one.atOnce)
  return least
}

/** The longest a block may be, and the last tick of an arrival: a day. */
export const DAY_TICKS = 2880

/**
 * Checks a room before it is planned.
 *
 * @throws DomainError naming `places`, `athletes`, `blocks`, `apart` or `coach`.
 * @example
 * checkRoom({ places: [], athletes: [], coach: null, moveTicks: 0, apart: [] }) // => undefined
 */
export function checkRoom({ places, athletes, coach, moveTicks, apart }: Room): void {
  const known = new Set(places.map(({ id }) => id))
  const blocks = athletes.flatMap(one => one.blocks)
  if (known.size < places.length) throw new DomainError('places', 'Two places have the same name.')
  if (!places.every(isLimit))
    throw new DomainError('places', 'A place has room for 0 to 200, less for a time that ends after it begins.')
  if (coach && !isLimit(coach)) throw new DomainError('coach', 'A coach watches 0 to 200 blocks at once.')
  if (!isTick(moveTicks)) throw new DomainError('moveTicks', 'A move takes whole half-minutes.')
  if (new Set(athletes.map(({ id }) => id)).size < athletes.length)
    throw new DomainError('athletes', 'Two athletes have the same name.')
  if (!athletes.every(({ from, until }) => isTick(from) && (until === null || (isTick(until) && until > from))))
    throw new DomainError('athletes', 'An athlete leaves after the arrival, within a day.')
  if (new Set(blocks.map(({ id }) => id)).size < blocks.length)
    throw new DomainError('blocks', 'Two blocks have the same name.')
  if (!blocks.every(({ ticks }) => isTick(ticks) && ticks > 0))
    throw new DomainError('blocks', 'A block takes whole half-minutes, at least one.')
  const lost = blocks.flatMap(({ needs }) => needs).find(id => !known.has(id))
  if (lost !== undefined) throw new DomainError('blocks', `There is no place ${lost}.`)
  if (!blocks.every(({ needs }) => needs.length > 0)) throw new DomainError('blocks', 'A block is done somewhere.')
  if (!apart.flat().every(id => known.has(id))) throw new DomainError('apart', 'Only places can be kept apart.')
}

const isTick = (n: number): boolean => Number.isInteger(n) && n >= 0 && n <= DAY_TICKS
const isRoomy = (n: number): boolean => Number.isInteger(n) && n >= 0 && n <= 200
const isLimit = ({ atOnce, narrow }: Limit): boolean => isRoomy(atOnce) && (narrow ?? []).every(isNarrow)
const isNarrow = ({ from, to, atOnce }: Narrow): boolean => isTick(from) && isTick(to) && to > from && isRoomy(atOnce)
