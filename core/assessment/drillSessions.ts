import type { IsoDay } from '../calendar'
import type { Prescribed } from './review'
import type { SetLog } from './setLog'

/** What the sets of one drill in one session came to. */
export interface DrillSession {
  readonly day: IsoDay
  readonly sets: readonly SetLog[]
  /** Amount that a set was planned for; the most that was done where nobody planned it. */
  readonly planned: number
  /** Least amount of a set. */
  readonly least: number
  /** Some set was shorter than it was planned. */
  readonly short: boolean
  /** Form broke in some set, from whatever cause. */
  readonly broke: boolean
  /** Least part of its planned amount at which a set broke, 0-1; 1 where none did. */
  readonly heldPart: number
  readonly hurt: boolean
  /** Of the hardest set, 0-10; null where none was said. */
  readonly effort: number | null
  /** Of the worst set that a coach scored, 1-10 of the own best; null where none was. */
  readonly quality: number | null
}

/**
 * The sessions in which a drill was done, oldest first. The order of sets within a day changes nothing.
 *
 * @param prescribed what was planned, with the amounts of its sets
 * @example
 * drillSessions('side-plank.feet', [], []) // => []
 */
export function drillSessions(
  variationId: string, prescribed: readonly Prescribed[], logs: readonly SetLog[],
): DrillSession[] {
  const amounts = new Map(prescribed.map(item => [item.itemId, item.dose.amount]))
  const own = logs.filter(log => log.variationId === variationId)
  return [...new Set(own.map(log => log.day))].sort()
    .map(day => sessionOf(day, own.filter(log => log.day === day).sort(bySet), amounts))
}

const bySet = (a: SetLog, b: SetLog): number =>
  a.prescribedItemId.localeCompare(b.prescribedItemId) || a.setNumber - b.setNumber
    || (a.side ?? '').localeCompare(b.side ?? '')

function sessionOf(day: IsoDay, sets: readonly SetLog[], amounts: ReadonlyMap<string, number>): DrillSession {
  const plannedOf = (set: SetLog): number => amounts.get(set.prescribedItemId) ?? set.amount
  const partOf = (set: SetLog): number => Math.min(1, set.amount / plannedOf(set))
  const broken = sets.filter(set => set.breakPoint !== 'none')
  const scored = sets.flatMap(({ quality = null }) => (quality === null ? [] : [quality]))
  const told = sets.flatMap(set => (set.effort === null ? [] : [set.effort]))
  return {
    day, sets, planned: Math.max(...sets.map(plannedOf)), least: Math.min(...sets.map(set => set.amount)),
    short: sets.some(set => set.amount < plannedOf(set)), broke: broken.length > 0,
    heldPart: Math.min(1, ...broken.map(partOf)),
    hurt: sets.some(set => set.breakPoint === 'pain' || set.painAt !== null),
    effort: told.length === 0 ? null : Math.max(...told),
    quality: scored.length === 0 ? null : Math.min(...scored),
  }
}
