import type { WeekPlan } from '~~/core/programme'
import type { TrainingWeek } from '~~/shared/types'
import { weekKey } from '~/api/weeks'
import { forget, keep, kept } from '~/device/kept'
import type { Steps } from './undoLine'

/** Steps of undo kept on the device, either way. */
export const KEPT_STEPS = 20

/** A week as this device last had it: survives reload, crash and an ended sign-in, and carries the undo line. */
export interface WeekDraft extends Steps<WeekPlan> {
  /** What it started from. */
  readonly base: TrainingWeek
  readonly plan: WeekPlan
}

const keyOf = ({ athleteId, startsOn }: Pick<TrainingWeek, 'athleteId' | 'startsOn'>): string =>
  `draft/${weekKey(athleteId, startsOn)}`

export const keptWeekDraft = (week: TrainingWeek): WeekDraft | null => kept<WeekDraft>(keyOf(week))

/** A device without room keeps nothing rather than something old; the page itself still has it. */
export function keepWeekDraft(draft: WeekDraft): void {
  if (!keep(keyOf(draft.base), draft)) forget(keyOf(draft.base))
}
