import type { PlanningRules } from '~~/core/policy'
import type { WeekPlan, WeekProposal } from '~~/core/programme'
import type { Applied, PlannedAnswer, WeekReview } from '~~/shared/types'

/** A good week at once, and what is known about better ones. */
export type FilledWeek = Pick<WeekProposal, 'plan' | 'notes' | 'proof'>

/** A week that is edited, as the sheet's parts need it: what is shown, and the ways to change and ask. */
export interface EditedWeek {
  readonly plan: WeekPlan
  /** Steps of one hand, one after the other, are undone as one. */
  readonly change: (next: WeekPlan, hand?: string) => void
  readonly undo: () => void
  readonly redo: () => void
  /** A good week of these sessions, at once. */
  readonly fill: (sessions: WeekPlan['sessions']) => Promise<FilledWeek>
  /** The best week of them, by the server. */
  readonly best: (sessions: WeekPlan['sessions']) => Promise<PlannedAnswer>
  readonly review: () => Promise<WeekReview>
  readonly settle: (change: (rules: PlanningRules) => PlanningRules) => Promise<void>
  readonly applyTo: (itemIds: readonly string[] | null, athleteIds: readonly string[]) => Promise<Applied[]>
}
