import { addDays } from '../calendar'
import type { Variation } from '../catalogue'
import { SD, TELLING_EFFORT, TRUNK_ENDED, type DoneSet } from './evidence'
import { FALL } from './limitTime'
import { secondsOf } from '../dose'

/** The athlete's own limit at a drill as it is set, and how far it takes the curve's place. */
export interface OwnLimit {
  readonly limitS: number
  /** 0: the curve alone, 1: the own limit alone. */
  readonly weight: number
}
/** The own limit of a drill at the day's settings; null where nothing is known of it. */
export type OwnLimitOf = (drill: Pick<Variation, 'id'>, settings: Readonly<Record<string, unknown>>) => OwnLimit | null

/** Days that an own best stands for: eight weeks. */
const DAYS = 56
/** Spread of the published curve between people and tasks, of the logarithm of a time (ours). */
const SD_CURVE = 0.3
const Z90 = 1.645

/** The best that was done of a drill as it was set. */
export interface OwnBest extends OwnLimit {
  readonly drill: string
  readonly settings: Readonly<Record<string, unknown>>
}

/**
 * The athlete's own limits from the sets of the last eight weeks: the best set that the trunk ended, or the best clean
 * one by its effort, at the same drill and settings. The less certain the capacity, the more the own limit counts.
 *
 * @param capacity of the direction that usually decides, for how certain the curve is
 * @example
 * ownBests([], { low: 180, high: 290 }, '2026-03-02') // => []
 */
export function ownBests(
  sets: readonly DoneSet[], capacity: { readonly low: number, readonly high: number }, today: string,
): OwnBest[] {
  const from = addDays(today, -DAYS)
  const best = new Map<string, { one: DoneSet, limitS: number, sd: number }>()
  for (const one of sets) {
    if (one.day < from || one.day > today) continue
    const found = limitOf(one)
    const key = keyOf(one.variationId, one.settings)
    const before = best.get(key)
    if (found && (!before || found.sd < before.sd || (found.sd === before.sd && found.limitS > before.limitS)))
      best.set(key, { one, ...found })
  }
  const sdOfCapacity = Math.log(capacity.high / capacity.low) / (2 * Z90)
  const curve = SD_CURVE ** 2 + (FALL * sdOfCapacity) ** 2
  return [...best.values()].map(({ one, limitS, sd }) =>
    ({ drill: one.variationId, settings: one.settings, limitS, weight: curve / (curve + sd ** 2) }))
}

/**
 * Own limits, to be looked up by drill and settings.
 *
 * @example
 * ownLimitOf([])({ id: 'front-plank.elbows' }, {}) // => null
 */
export function ownLimitOf(bests: readonly OwnBest[]): OwnLimitOf {
  const byKey = new Map(bests.map(one => [keyOf(one.drill, one.settings), one]))
  return ({ id }, settings) => byKey.get(keyOf(id, settings)) ?? null
}

const keyOf = (id: string, settings: Readonly<Record<string, unknown>>): string =>
  `${id} ${JSON.stringify(Object.entries(settings).filter(([, value]) => typeof value === 'number').sort())}`

/** Seconds the whole way would have taken, by one set; null where it does not say. */
function limitOf({ breakPoint, effort, amount, unit, tempo }: DoneSet): { limitS: number, sd: number } | null {
  const seconds = secondsOf(amount, unit, tempo ?? undefined)
  if (TRUNK_ENDED.includes(breakPoint)) return { limitS: seconds, sd: SD.broke }
  if (breakPoint === 'none' && effort !== null && effort >= TELLING_EFFORT)
    return { limitS: seconds / (effort / 10), sd: SD.effort }
  return null
}

/**
 * A limit time with the own one laid over it, in proportion of how certain each is.
 *
 * @example
 * blended(100, { limitS: 25, weight: 0.5 }) // => 50
 */
export function blended(limitS: number, own: OwnLimit | null): number {
  if (!own) return limitS
  const log = (1 - own.weight) * Math.log(limitS) + own.weight * Math.log(own.limitS)
  return Math.round(Math.exp(log) * 1e6) / 1e6
}
