/**
 * Exponentially weighted average of daily loads (Williams et al. 2017, recalled): each day it takes 2 / (days + 1) of
 * the new load and keeps the rest of what it was; it begins with the first day. One value a day.
 *
 * @param daily loads of days one after the other, rest as 0
 * @param days 7 for what was done of late, 28 for what the athlete is used to
 * @example
 * movingAverage([100, 0], 3) // => [100, 50]
 */
export function movingAverage(daily: readonly number[], days: number): number[] {
  const part = 2 / (days + 1)
  const averages: number[] = []
  for (const load of daily) {
    const before = averages.at(-1)
    averages.push(before === undefined ? load : load * part + before * (1 - part))
  }
  return averages
}
