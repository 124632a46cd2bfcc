import { catalogueWith, type OwnCatalogue } from '~~/core/catalogue'
import { optimiseWeek, type PlannedSession, type WeekPlan } from '~~/core/programme'
import type { LinearSolver } from '~~/core/planner'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, Competition, PlannedAnswer } from '~~/shared/types'

/** A week to be planned, in words that cross a thread. */
export interface WeekRequest {
  readonly athlete: Athlete
  readonly startsOn: string
  readonly competitions: readonly Competition[]
  readonly own: OwnCatalogue
  readonly sessions: readonly PlannedSession[]
  readonly before: WeekPlan | null
}

export type WeekAnswer = PlannedAnswer

/** Plans one week with a solver at hand. */
export function answerWeek({ athlete, startsOn, competitions, own, sessions, before }: WeekRequest, solver: LinearSolver): WeekAnswer {
  const context = planningContext(athlete, startsOn, competitions, catalogueWith(own))
  const { plan, notes, refused, proof } = optimiseWeek({ context, sessions }, { before, solver })
  return { plan, notes, refused, proof }
}
