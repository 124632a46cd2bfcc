import type { PlanningRules, RulesLayer, RuleScope } from '~~/core/policy'
import type { Finding, Improvement, PlannedSession, PlanProof, SportEdits } from '~~/core/programme'

/** What an organisation says otherwise about sports, over the version that was read. */
export interface StoredSports {
  readonly version: number
  readonly edits: SportEdits
}

/** Rules as they are stored: version 0 is not stored yet. */
export interface StoredRules extends RulesLayer {
  readonly version: number
}

/** Rules to be stored over the version that was read. */
export interface RulesChange {
  readonly scope: RuleScope
  readonly scopeId: string
  readonly version: number
  readonly rules: PlanningRules
}

/** What many weeks are planned from: lift days typed once. */
export interface PlanRunInput {
  readonly id: string
  readonly athleteIds: readonly string[]
  readonly startsOn: string
  readonly weeks: number
  readonly sessions: readonly PlannedSession[]
  /** Weeks that already hold drills are planned anew. */
  readonly replace: boolean
}

/** A run as it is worked on. */
export interface PlanRunRequest extends PlanRunInput {
  /**
   * After a repair of the season: weeks that are stored only, with their own lifts; days that are over stay, and what
   * was assigned is assigned again.
   */
  readonly own?: { readonly today: string, readonly mondays: readonly string[] }
}

export type RunState = 'waiting' | 'working' | 'done' | 'failed' | 'cancelled'

/** What came of one week of one athlete. */
export interface WeekOutcome {
  readonly startsOn: string
  readonly outcome: 'proposed' | 'refused' | 'kept'
  readonly version: number
  readonly drills: number
  readonly trunkMinutes: number
  readonly notes: readonly string[]
  /** What is known about better plans; null where nothing was planned. */
  readonly proof: PlanProof | null
  readonly assigned: boolean
}

export interface PlanRunLine {
  readonly athleteId: string
  readonly athleteName: string
  readonly state: RunState
  readonly attempts: number
  readonly problem: string
  readonly weeks: readonly WeekOutcome[]
  /** What is planned is on its way to being assigned. */
  readonly accepting: boolean
}

export interface PlanRun {
  readonly id: string
  readonly startsOn: string
  readonly weeks: number
  readonly askedBy: string
  readonly askedAt: string
  readonly cancelled: boolean
  /** The lift days it was asked with. */
  readonly sessions: readonly PlannedSession[]
  readonly lines: readonly PlanRunLine[]
}

/** Copies drills of a week to other athletes, each on the own rung. */
export interface ApplyRequest {
  /** Null: all of them. */
  readonly itemIds: readonly string[] | null
  readonly athleteIds: readonly string[]
}

/** What became of the copy for one athlete. */
export interface Applied {
  readonly athleteId: string
  readonly athleteName: string
  readonly placed: number
  /** What was changed or left out for this athlete, in sentences. */
  readonly notes: readonly string[]
}

/** A week looked at with the engine's eyes. */
export interface WeekReview {
  readonly findings: readonly Finding[]
  readonly improvements: readonly Improvement[]
}
