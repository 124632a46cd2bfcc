import { competitionDay } from './competitionDay'
import { dayAfter } from './dayAfter'
import { dayBefore } from './dayBefore'
import { isNear } from './nearCompetition'
import { within48h } from './within48h'

export type DayKind = 'competition' | 'dayBefore' | 'twoDaysBefore' | 'dayAfter' | 'training'

/**
 * What kind of day it is around the competitions: the day itself, the day before (activation only),
 * two days before (nothing new or draining), the day after (easy only). The nearest rule that binds hardest wins.
 *
 * @example
 * dayKindOf(4, [5]) // => 'dayBefore'
 */
export function dayKindOf(day: number, competitionDays: readonly number[]): DayKind {
  if (isNear(day, competitionDays, competitionDay.value)) return 'competition'
  if (isNear(day, competitionDays, dayBefore.value)) return 'dayBefore'
  if (isNear(day, competitionDays, dayAfter.value)) return 'dayAfter'
  return isNear(day, competitionDays, within48h.value) ? 'twoDaysBefore' : 'training'
}
