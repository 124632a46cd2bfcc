import { must } from '../errors'
import type { IsoDay } from '../calendar'
import type { Catalogue } from '../catalogue'
import { setCount, type Dose, type Side } from '../dose'
import type { BreakPoint, SetLog } from './setLog'

/** One prescribed drill on a day. */
export interface Prescribed {
  readonly itemId: string
  readonly variationId: string
  readonly day: IsoDay
  readonly dose: Dose
  readonly extraSetSide: Side | null
  /** Given to wake, not as work: nothing is decided on it. */
  readonly wakes?: boolean
}

/** Sets done of what was planned. */
export interface Adherence {
  readonly plannedSets: number
  readonly doneSets: number
  /** Done sets of the planned ones, 0-1; null when nothing was planned. */
  readonly adherence: number | null
}

/**
 * Planned against done, in sets. Sets beyond the prescription are no adherence.
 *
 * @example
 * adherenceOf([], [], STANDARD).adherence // => null
 */
export function adherenceOf(
  prescribed: readonly Prescribed[], logs: readonly SetLog[], catalogue: Catalogue,
): Adherence {
  const plannedByItem = new Map(prescribed.flatMap((item): [string, number][] => {
    const variation = catalogue.find(item.variationId)
    return variation ? [[item.itemId, setCount(item.dose, variation.sides, item.extraSetSide)]] : []
  }))
  const doneByItem = new Map<string, number>()
  for (const { prescribedItemId, variationId } of logs)
    if (catalogue.find(variationId)) doneByItem.set(prescribedItemId, (doneByItem.get(prescribedItemId) ?? 0) + 1)
  const plannedSets = [...plannedByItem.values()].reduce((a, b) => a + b, 0)
  const met = [...plannedByItem].reduce((sum, [itemId, count]) => sum + Math.min(count, doneByItem.get(itemId) ?? 0), 0)
  return { plannedSets, doneSets: logs.length, adherence: plannedSets > 0 ? met / plannedSets : null }
}

/** Best left and right of one one-sided drill. */
export interface SideComparison {
  readonly variationId: string
  readonly unit: Dose['unit']
  readonly left: number
  readonly right: number
  /** (larger - smaller) / larger, 0-1. */
  readonly difference: number
  readonly weaker: Side | null
}

/**
 * Left against right for each one-sided drill logged on both sides: the mean of the last `lastSets` sets a side.
 * A difference is a size, not a verdict.
 *
 * @param lastSets how many recent sets a side count, at least 1
 * @example
 * compareSides([], 3) // => []
 */
export function compareSides(logs: readonly SetLog[], lastSets: number): SideComparison[] {
  const drills = new Map<string, Record<Side, SetLog[]>>()
  for (const log of logs) {
    if (log.side === null) continue
    const sides = drills.get(log.variationId) ?? { left: [], right: [] }
    sides[log.side].push(log)
    drills.set(log.variationId, sides)
  }
  return [...drills].flatMap(([variationId, { left, right }]) => {
    if (left.length === 0 || right.length === 0) return []
    const l = meanOfLast(left, lastSets)
    const r = meanOfLast(right, lastSets)
    const larger = Math.max(l, r)
    const difference = larger > 0 ? Math.abs(l - r) / larger : 0
    const weaker: Side | null = l === r ? null : l < r ? 'left' : 'right'
    return [{ variationId, unit: must(left[0]).unit, left: l, right: r, difference, weaker }]
  })
}

function meanOfLast(logs: readonly SetLog[], count: number): number {
  const last = [...logs].sort((a, b) => a.day.localeCompare(b.day) || a.setNumber - b.setNumber).slice(-count)
  return last.reduce((sum, log) => sum + log.amount, 0) / last.length
}

/** How often a break point ended a set of a drill, and when last. */
export interface BreakPointCount {
  readonly breakPoint: BreakPoint
  readonly count: number
  readonly lastDay: IsoDay
  readonly lastVariationId: string
}

/**
 * Break points other than "none", latest first.
 *
 * @example
 * breakPointsOf([]) // => []
 */
export function breakPointsOf(logs: readonly SetLog[]): BreakPointCount[] {
  const found = new Map<BreakPoint, BreakPointCount>()
  for (const log of [...logs].sort((a, b) => a.day.localeCompare(b.day))) {
    if (log.breakPoint === 'none') continue
    const count = (found.get(log.breakPoint)?.count ?? 0) + 1
    found.set(log.breakPoint, { breakPoint: log.breakPoint, count, lastDay: log.day, lastVariationId: log.variationId })
  }
  return [...found.values()].sort((a, b) => b.lastDay.localeCompare(a.lastDay) || b.count - a.count)
}
