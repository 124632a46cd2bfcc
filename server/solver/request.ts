import { daysBetween } from '~~/core/calendar'
import { catalogueWith, type OwnCatalogue } from '~~/core/catalogue'
import {
  auditWeek, improvements, proposeWeek, screenOn, weekLedger, weeklyTargets, type PlannedSession, type PlanningContext,
  type WeekPlan,
} from '~~/core/programme'
import type { LinearSolver, Walls } from '~~/core/planner'
import { planningContext } from '~~/shared/planningContext'
import { decide, type Decision, type DecideRequest } from '~~/core/progression'
import { reviewOf, type Review, type ReviewRequest } from '~~/core/review'
import { changedAthleteSeason, changedSeason, type Repair } from '~~/core/season'
import type { Athlete, Competition, PlannedAnswer, Settled, WeekReview } from '~~/shared/types'

/** An athlete in a week, in words that cross a thread. */
interface AthleteInWeek {
  readonly athlete: Athlete
  readonly startsOn: string
  readonly competitions: readonly Competition[]
  readonly own: OwnCatalogue
  readonly settled: Settled
}

/** What is decided of an athlete's drills, and what it rests on. */
export interface DecideWork extends AthleteInWeek {
  readonly evidence: Omit<DecideRequest, 'context'>
}

/** What is looked back on. */
export interface LookBackWork extends AthleteInWeek {
  readonly span: Omit<ReviewRequest, 'context'>
}

/** A season that is planned or repaired: what a group's, or one athlete's, is changed from and to. */
export type SeasonWork =
  | { readonly of: 'group', readonly change: Parameters<typeof changedSeason> }
  | { readonly of: 'athlete', readonly change: Parameters<typeof changedAthleteSeason> }

/** A week to be planned. */
export interface WeekRequest extends AthleteInWeek {
  readonly sessions: readonly PlannedSession[]
  readonly before: WeekPlan | null
}

export type WeekAnswer = PlannedAnswer

const contextOf = ({ athlete, startsOn, competitions, own, settled }: AthleteInWeek): PlanningContext =>
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

/** Decides on the athlete as they are today: pain and flags of this week count. */
function answerDecide(work: DecideWork): readonly Decision[] {
  const context = contextOf(work)
  const screen = screenOn(context, daysBetween(work.startsOn, work.evidence.season.today))
  return decide({ ...work.evidence, context: { ...context, screen } })
}

const answerSeason = (work: SeasonWork): Repair =>
  (work.of === 'group' ? changedSeason(...work.change) : changedAthleteSeason(...work.change))

/** What a thread is asked, by kind. */
export type ThreadRequest =
  /** `walls`: when a solver is stopped; as for one week that somebody waits for where not given. */
  | { readonly kind: 'plan', readonly week: WeekRequest, readonly walls?: Walls }
  | { readonly kind: 'review', readonly week: WeekRequest }
  | { readonly kind: 'decide', readonly work: DecideWork }
  | { readonly kind: 'lookBack', readonly work: LookBackWork }
  | { readonly kind: 'season', readonly work: SeasonWork }

export type ThreadAnswer = WeekAnswer | WeekReview | readonly Decision[] | Review | Repair

export function answer(request: ThreadRequest, solver: LinearSolver): ThreadAnswer {
  switch (request.kind) {
    case 'plan': return answerWeek(request.week, solver, request.walls)
    case 'review': return answerReview(request.week)
    case 'decide': return answerDecide(request.work)
    case 'lookBack': return reviewOf({ ...request.work.span, context: contextOf(request.work) })
    case 'season': return answerSeason(request.work)
  }
}
