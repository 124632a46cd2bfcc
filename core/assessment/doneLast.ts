import type { IsoDay } from '../calendar'
import type { Catalogue, SettingValues } from '../catalogue'
import type { DoseUnit } from '../dose'
import { must } from '../errors'
import type { BreakPoint, SetLog } from './setLog'

/** Days without a set after which a drill counts as new: a coach looks on (common practice, no source). */
export const KNOWN_DAYS = 42

/** What a drill, or another rung of its branch, came to when it was done last. */
export interface DoneLast {
  readonly day: IsoDay
  readonly variationId: string
  /** Rungs that are between it and the drill: 0 is the drill itself, above 0 it stood below. */
  readonly rungs: number
  /** Sets that were done, of one side where there are two. */
  readonly sets: number
  /** Of the best set. */
  readonly amount: number
  readonly unit: DoseUnit
  readonly tempo: string | null
  readonly setting: SettingValues
  /** What ended the last set that broke; null: none broke. */
  readonly broke: BreakPoint | null
  /** Of the hardest set, 0-10; null where nobody said. */
  readonly effort: number | null
}

/**
 * How a drill was done last before a day: the very drill, else the rung of its branch that was done last.
 *
 * @returns null where neither was done
 * @example
 * doneLast('side-plank.feet', '2026-03-04', [], STANDARD) // => null
 */
export function doneLast(
  variationId: string, before: IsoDay, logs: readonly SetLog[], catalogue: Catalogue,
): DoneLast | null {
  const drill = catalogue.find(variationId)
  const earlier = logs.filter(log => log.day < before)
  const same = earlier.filter(log => log.variationId === variationId)
  const near = earlier.filter(log => drill && catalogue.find(log.variationId)?.branch === drill.branch)
  const of = same.length > 0 ? same : near
  const day = of.map(log => log.day).sort().at(-1)
  if (day === undefined) return null
  const that = must(of.filter(log => log.day === day)
    .sort((a, b) => rungOf(b, catalogue) - rungOf(a, catalogue) || b.amount - a.amount)[0])
  const sets = of.filter(log => log.day === day && log.variationId === that.variationId)
  const broken = sets.filter(log => log.breakPoint !== 'none').sort((a, b) => a.setNumber - b.setNumber)
  const told = sets.flatMap(({ effort }) => (effort === null ? [] : [effort]))
  return {
    day, variationId: that.variationId, rungs: (drill?.rung ?? 0) - rungOf(that, catalogue),
    sets: new Set(sets.map(log => log.setNumber)).size, amount: that.amount, unit: that.unit, tempo: that.tempo,
    setting: that.setting, broke: broken.at(-1)?.breakPoint ?? null,
    effort: told.length > 0 ? Math.max(...told) : null,
  }
}

const rungOf = ({ variationId }: SetLog, catalogue: Catalogue): number => catalogue.find(variationId)?.rung ?? 0
