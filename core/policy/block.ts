import { daysBetween } from '../calendar'
import { DomainError, must } from '../errors'
import type { PhaseId } from './phases'

/** Weeks that belong together: drills stay inside a block and change at its end. */
export interface TrainingBlock {
  /** A Monday. */
  readonly startsOn: string
  readonly phase: PhaseId | null
  /** Factor on the weekly seconds, week by week. */
  readonly loads: readonly number[]
}

/** Where in a block a week stands. */
export interface BlockWeek {
  readonly phase: PhaseId | null
  /** 1 = first. */
  readonly week: number
  readonly weeks: number
  readonly load: number
}

/** Three loading weeks and a lighter one (common practice, no source). */
export const USUAL_LOADS: readonly number[] = [0.9, 1, 1.1, 0.6]
/** A week below this share of the usual is a lighter one. */
export const LIGHT_LOAD = 0.8

/**
 * Checks a block: 1-12 weeks, each at 20-150 % of the usual.
 *
 * @throws DomainError `loads`.
 * @example
 * checkBlock({ startsOn: '2026-03-02', phase: null, loads: [0.9, 1, 1.1, 0.6] }) // => undefined
 */
export function checkBlock({ loads }: TrainingBlock): void {
  if (!(loads.length >= 1 && loads.length <= 12)) throw new DomainError('loads', 'A block has 1 to 12 weeks.')
  if (loads.some(load => !(load >= 0.2 && load <= 1.5)))
    throw new DomainError('loads', 'A week of a block holds 20 to 150 % of the usual.')
}

/**
 * Where a week stands among blocks; null outside all of them. Of two that overlap the later one holds.
 *
 * @param startsOn a Monday
 * @example
 * blockWeekOf([{ startsOn: '2026-03-02', phase: 'preSeason', loads: [0.9, 1, 1.1, 0.6] }], '2026-03-23') // => { phase: 'preSeason', week: 4, weeks: 4, load: 0.6 }
 */
export function blockWeekOf(blocks: readonly TrainingBlock[], startsOn: string): BlockWeek | null {
  const found = [...blocks].sort((a, b) => b.startsOn.localeCompare(a.startsOn)).find((block) => {
    const days = daysBetween(block.startsOn, startsOn)
    return days >= 0 && days < block.loads.length * 7
  })
  if (!found) return null
  const at = Math.floor(daysBetween(found.startsOn, startsOn) / 7)
  return { phase: found.phase, week: at + 1, weeks: found.loads.length, load: must(found.loads[at]) }
}
