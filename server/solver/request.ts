import { catalogueWith, type OwnCatalogue } from '~~/core/catalogue'
import {
  auditWeek, improvements, proposeWeek, weekLedger, weeklyTargets, type PlannedSession, type PlanningContext,
  type WeekPlan,
} from '~~/core/programme'
import type { LinearSolver, Walls } from '~~/core/planner'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, Competition, PlannedAnswer, Settled, WeekReview } from '~~/shared/types'

/** A week to be planned, in words that cross a thread. */
export interface WeekRequest {
  readonly athlete: Athlete
  readonly startsOn: string
  readonly competitions: readonly Competition[]
  readonly own: OwnCatalogue
  readonly sessions: readonly PlannedSession[]
  readonly before: WeekPlan | null
  readonly settled: Settled
}

export type WeekAnswer = PlannedAnswer

const contextOf = ({ athlete, startsOn, competitions, own, settled }: WeekRequest): PlanningContext =>
  planningContext(athlete, startsOn, competitions, catalogueWith(own), settled)

/** Plans one week with a solver at hand. */
export function answerWeek(request: WeekRequest, solver: LinearSolver, walls?: Walls): WeekAnswer {
  const { plan, notes, refused, proof } = proposeWeek({ context: contextOf(request), sessions: request.sessions }, {
    before: request.before, solver, ...walls ? { walls } : {},
  })
  return { plan, notes, refused, proof }
}

/** Looks through one week as it stands. */
function answerReview(request: WeekRequest): WeekReview {
  const context = contextOf(request)
  const plan = { sessions: request.sessions }
  const ledger = weekLedger(plan, weeklyTargets({ ...context, sessions: plan.sessions.length }), context)
  return { findings: auditWeek(plan, ledger, context), improvements: improvements(plan, context, request.before) }
}

/** What a thread is asked, by kind. */
export interface ThreadRequest {
  readonly kind: 'plan' | 'review'
  readonly week: WeekRequest
  /** When a solver is stopped; as for one week that somebody waits for where not given. */
  readonly walls?: Walls
}

export function answer({ kind, week, walls }: ThreadRequest, solver: LinearSolver): WeekAnswer | WeekReview {
  return kind === 'plan' ? answerWeek(week, solver, walls) : answerReview(week)
}
