import { spreadOf } from '../statistics'

/** Load of the days of a week. */
interface WeekLoad {
  /** Sum of the days, in units of effort times minutes. */
  readonly total: number
  /** Mean of the days by their spread: how alike they were; null where they were all the same. */
  readonly monotony: number | null
  /** Total times monotony; null without one. */
  readonly strain: number | null
}

/**
 * Load of a session: how hard it was as a whole, told once at its end, by its minutes (Foster et al. 2001, recalled).
 *
 * @param effort 0-10
 * @example
 * sessionLoad(6, 45) // => 270
 */
export function sessionLoad(effort: number, minutes: number): number {
  return effort * minutes
}

/**
 * Monotony and strain of a week (Foster 1998, recalled): the mean of its days by their standard deviation (of the
 * sample), and the total times that. A day of rest counts as 0; days that were all the same have no spread, and neither
 * is defined. Context for a coach, never a forecast of injury.
 *
 * @param daily loads of the days, rest included
 * @example
 * weekLoad([300, 0, 300, 0, 300, 0, 300]).monotony?.toFixed(2) // => '1.07'
 */
export function weekLoad(daily: readonly number[]): WeekLoad {
  const spread = spreadOf(daily)
  const total = daily.reduce((sum, load) => sum + load, 0)
  const monotony = spread?.sd ? spread.mean / spread.sd : null
  return { total, monotony, strain: monotony === null ? null : total * monotony }
}
