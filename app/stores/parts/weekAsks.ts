import type { ShallowRef } from 'vue'
import type { PlanningRules } from '~~/core/policy'
import type { WeekPlan } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import type { Applied, PlannedAnswer, TrainingWeek, WeekReview, WeekSheet } from '~~/shared/types'
import * as planning from '~/api/planning'
import { quickWeek, type QuickWeek } from '~/api/quickWeek'
import * as weeks from '~/api/weeks'
import { useCatalogueStore } from '../catalogue'
import { useRulesStore } from '../rules'

/** What is asked of the engine about (a week as it is shown); nothing of it changes the plan. */
export function weekAsks(
  sheet: ShallowRef<WeekSheet | null>, plan: Readonly<ShallowRef<WeekPlan>>,
  allStored: () => Promise<TrainingWeek | null>,
) {
  const shown = (): TrainingWeek => sheet.value!.week

  /** A good week of these sessions, at once: reckoned here, beside the page. */
  const fill = (sessions: WeekPlan['sessions']): Promise<QuickWeek> => {
    const { athlete, competitions, settled, previousPlan } = sheet.value!
    return quickWeek({
      athlete, competitions, settled, startsOn: shown().startsOn, own: useCatalogueStore().stored.own, sessions,
      before: previousPlan,
    })
  }

  /** The best week of these sessions. */
  const best = (sessions: WeekPlan['sessions']): Promise<PlannedAnswer> =>
    weeks.proposeForOne(shown().athleteId, shown().startsOn, sessions)

  /** The week as it stands, seen with the engine's eyes. */
  const review = (): Promise<WeekReview> =>
    planning.reviewWeek(shown().athleteId, shown().startsOn, plan.value.sessions)

  /** Stores the week, then copies drills of it to others; null: all of them. */
  async function applyTo(itemIds: readonly string[] | null, athleteIds: readonly string[]): Promise<Applied[]> {
    const stored = await allStored()
    if (!stored) throw new AppError('notReady', 'The week is not stored yet. Try again in a moment.')
    return planning.applyWeek(stored.athleteId, stored.startsOn, { itemIds, athleteIds })
  }

  /**
   * Settles something for this athlete: a band, a lock. What holds afterwards is read anew; the plan stays as it is.
   */
  async function settle(change: (rules: PlanningRules) => PlanningRules): Promise<void> {
    const { athleteId, startsOn } = shown()
    const rules = useRulesStore()
    await rules.load()
    await rules.save('athlete', athleteId, change)
    const { settled } = await weeks.fetchWeek(athleteId, startsOn)
    if (sheet.value && shown().athleteId === athleteId && shown().startsOn === startsOn)
      sheet.value = { ...sheet.value, settled }
  }

  return { fill, best, review, applyTo, settle }
}
