import { mondayOf } from '~~/core/calendar'
import type { Sport } from '~~/core/programme'
import type { SeasonShape, ShapePhase } from '~~/core/season'

/** Weeks of a usual year of a sport, phase by phase. */
export type UsualYear = Sport['character']['season']

/** A year to begin with where nobody is in the squad yet, so that no sport is known. */
export const ANY_YEAR: UsualYear = { offSeason: 10, preSeason: 8, inSeason: 15, transition: 3 }

/** Units of a usual week in each phase. */
const VOLUME = { offSeason: 18, preSeason: 18, inSeason: 12, transition: 8 } as const
/** A phase may be so much shorter or longer than usual. */
const [SHORTER, LONGER] = [0.6, 1.4]

/**
 * A season to begin with, where there is none: a usual year of the sport, phase after phase, each with room to move.
 */
export function firstShape(today: string, usual: UsualYear): SeasonShape {
  const opening = { braceStep: null, done: null }
  const phases: ShapePhase[] = []
  const all = Object.values(usual).reduce((sum, weeks) => sum + weeks, 0)
  let start = 0
  for (const phase of ['offSeason', 'preSeason', 'inSeason', 'transition'] as const) {
    const weeks = usual[phase]
    if (weeks === 0) continue
    phases.push({
      phase, least: Math.max(1, Math.floor(weeks * SHORTER)), most: Math.min(all, Math.ceil(weeks * LONGER)), start,
      volume: VOLUME[phase], opening,
    })
    start += weeks
  }
  return {
    startsOn: mondayOf(today), weeks: Math.max(1, all), weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
    phases,
  }
}
