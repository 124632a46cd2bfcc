import { mondayOf } from '~~/core/calendar'
import type { SeasonShape } from '~~/core/season'

/** A season to begin with, where there is none. */
export function firstShape(today: string): SeasonShape {
  const opening = { braceStep: null, done: null }
  return {
    startsOn: mondayOf(today), weeks: 36, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
    phases: [
      { phase: 'offSeason', least: 6, most: 14, start: 0, volume: 18, opening },
      { phase: 'preSeason', least: 4, most: 10, start: 10, volume: 18, opening },
      { phase: 'inSeason', least: 8, most: 18, start: 18, volume: 12, opening },
      { phase: 'transition', least: 2, most: 4, start: 33, volume: 8, opening },
    ],
  }
}
