import type { PlanningContext } from '~~/core/programme'
import { dayKindOf, type DayKind } from '~~/core/rules'

const KIND: Readonly<Record<DayKind, string>> = {
  competition: 'competition', dayBefore: 'day before: activation only', twoDaysBefore: 'two days before',
  dayAfter: 'day after: easy', training: '',
}

/** What speaks loudest about a day: a competition near it, or else what the season has it for. */
export function dayKindText(
  day: number, { competitionDays, seasonDays }: Pick<PlanningContext, 'competitionDays' | 'seasonDays'>,
): string {
  const season = seasonDays?.[day]
  return KIND[dayKindOf(day, competitionDays)] || (season ? `${season} day` : '')
}
