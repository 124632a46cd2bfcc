import type { Decision, DecisionKind, Step } from '~~/core/progression'
import type { AthleteInput } from './athlete'

/** One line of the tray: what would be decided of an athlete on a branch. */
export interface DecisionRow {
  readonly athlete: Pick<AthleteInput, 'name' | 'sex' | 'heightCm' | 'massKg' | 'groupIds'> & { readonly id: string }
  readonly decision: Decision
  /** Last day of what it rests on. */
  readonly evidenceDay: string
  /** What an assistant proposes. */
  readonly proposed: ProposedDecision | null
}

export interface ProposedDecision {
  readonly by: string
  readonly kind: DecisionKind
  readonly reason: string
}

/** A decision that was taken, as the tray lists it. */
export interface TakenDecision {
  readonly id: string
  readonly athleteId: string
  readonly athleteName: string
  readonly variationId: string
  readonly day: string
  /** What the engine would have decided, and what was. */
  readonly kind: DecisionKind
  readonly taken: DecisionKind
  readonly from: Step
  readonly to: Step | null
  readonly reason: string
  readonly by: string
  /** It can be taken back: within a week, and not what was decided after pain. */
  readonly undoable: boolean
}

export interface DecisionTray {
  readonly today: string
  readonly rows: readonly DecisionRow[]
  /** Of the last week, newest first. */
  readonly taken: readonly TakenDecision[]
  /** There are more athletes in sight than are decided of here. */
  readonly more: boolean
}

/** A decision to be taken: as it is proposed, or one of its other ways with a reason. */
export interface DecisionInput {
  readonly id: string
  readonly athleteId: string
  readonly branch: string
  /** What was looked at: another decision, or newer evidence, is not decided blind. */
  readonly kind: DecisionKind
  readonly evidenceDay: string
  /** Place in the other ways; null: as it is proposed. */
  readonly way: number | null
  readonly reason: string
}

/** What came of a decision that was sent. */
export interface DecisionOutcome {
  readonly id: string
  readonly done: boolean
  /** Why not, in a sentence. */
  readonly problem: string
}

export interface DecisionsAnswer extends Pick<DecisionTray, 'taken'> {
  readonly outcomes: readonly DecisionOutcome[]
}
