import { shallowReactive } from 'vue'
import type { WeekPlan } from '~~/core/programme'
import type { PlanningRules } from '~~/core/policy'
import type { PlannedAnswer } from '~~/shared/types'
import type { EditedWeek, FilledWeek } from '~/composables/week/editedWeek'

/** A week that is edited in memory; `steps` are what it was, in turn. */
export function fakeWeek(first: WeekPlan, over: Partial<EditedWeek> = {}) {
  const steps: WeekPlan[] = []
  const settled: ((rules: PlanningRules) => PlanningRules)[] = []
  const week = shallowReactive({
    plan: first,
    change(next: WeekPlan): void {
      steps.push(week.plan)
      week.plan = next
    },
    undo: () => undefined,
    redo: () => undefined,
    fill: () => Promise.reject<FilledWeek>(new Error('nobody asked')),
    best: () => Promise.reject<PlannedAnswer>(new Error('nobody asked')),
    review: () => Promise.resolve({ findings: [], improvements: [] } as never),
    settle: (change: (rules: PlanningRules) => PlanningRules) => {
      settled.push(change)
      return Promise.resolve()
    },
    applyTo: () => Promise.resolve([]),
    ...over,
  })
  return { week: week as EditedWeek & { plan: WeekPlan }, steps, settled }
}
