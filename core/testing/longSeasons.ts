import type { SeasonInstance } from '../season'
import { seeded } from './instances'

/**
 * A season of 30 to 52 weeks as squads have them: four phases, three to six competitions, practices, a closure, an
 * absence.
 */
export function longSeason(seed: number): SeasonInstance {
  const next = seeded(seed)
  const between = (low: number, high: number): number => low + Math.floor(next() * (high - low + 1))
  const weeks = between(30, 52)
  const last = 7 * weeks - 1
  const pre = between(8, 12)
  const peak = pre + between(6, 10)
  const closed = between(20, last - 14)
  return {
    weeks, deloadEvery: 4, hardDays: [0, 3], weekdays: [[0, 1, 3, 4], [0, 1, 2, 3, 4], [0, 2, 3, 4, 5]][between(0, 2)]!,
    phases: [
      { id: 'offSeason', least: 6, most: 14, start: 0, volume: 20 },
      { id: 'preSeason', least: 4, most: 10, start: pre, volume: 18 },
      { id: 'inSeason', least: 8, most: 30, start: peak, volume: 12 },
      { id: 'transition', least: 2, most: 4, start: weeks - 3, volume: 8 },
    ],
    competitions: Array.from(
      { length: between(3, 6) },
      (_, i) => ({ day: between(7 * peak, last - 7), importance: (['A', 'B', 'C'] as const)[i % 3]! }),
    ),
    practices: Array.from({ length: weeks }, (_, week) => 7 * week + 2),
    matches: Array.from({ length: between(0, 4) }, () => between(7 * peak, last)),
    closed: [closed, closed + 1, closed + 2, ...Array.from({ length: 5 }, (_, i) => between(0, last - 6) + i)],
  }
}
