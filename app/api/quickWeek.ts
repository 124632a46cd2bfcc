import type { OwnCatalogue } from '~~/core/catalogue'
import type { PlannedSession, WeekPlan, WeekProposal } from '~~/core/programme'
import type { WeekSheet } from '~~/shared/types'
import { threadOf } from './thread'

/** All that a good week is filled from. */
export interface QuickAsk extends Pick<WeekSheet, 'athlete' | 'competitions' | 'settled'> {
  readonly startsOn: string
  readonly own: OwnCatalogue
  readonly sessions: readonly PlannedSession[]
  readonly before: WeekPlan | null
}
export type QuickWeek = Pick<WeekProposal, 'plan' | 'notes' | 'proof'>

const thread = threadOf<QuickAsk, QuickWeek>(() =>
  new Worker(new URL('./weekThread.ts', import.meta.url), { type: 'module' }))

/** A good week at once, by annealing, in a thread of its own. */
export const quickWeek = (asked: QuickAsk): Promise<QuickWeek> => thread.ask(asked)
export const openQuickWeek = (): void => void thread.open()
