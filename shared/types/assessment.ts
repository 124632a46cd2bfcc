import type { BraceCheck, BraceCue, BreakPoint, Homework, OwnTest, Practice, TestId } from '~~/core/assessment'
import type { SettingValues } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { Answers, Clearance, HealthMark, Raised } from '~~/core/screening'
import type { InstrumentKind, PackedTrace } from '~~/core/instruments'
import type { TypicalError } from '~~/core/statistics'

/** One trial of a test, as it is sent. The key is the sender's: a repeat is harmless. */
export interface TrialInput {
  readonly id: string
  readonly athleteId: string
  readonly day: string
  readonly performedAt: string
  readonly test: TestId
  readonly side: Side | null
  readonly value: number
  readonly breakPoint: BreakPoint
  readonly setting: SettingValues
  readonly note: string
  /** Set once somebody has looked at a value that is far from the athlete's own. */
  readonly sure?: boolean
  /** What the instrument showed, where one was used. */
  readonly trace?: TrialTrace
}

/** The trace of a trial with what was made of it. */
export interface TrialTrace extends PackedTrace {
  readonly reliable: boolean
  readonly says: readonly string[]
  /** Coefficient of variation of a hold, per cent. */
  readonly cvPercent: number | null
}
export interface StoredTrial extends Omit<TrialInput, 'trace' | 'sure'> {
  /** Null: taken without an instrument. Otherwise whether its trace could be believed. */
  readonly reliable: boolean | null
  readonly takenBy: string | null
}

/** A coach's check of the brace. */
export interface BraceCheckInput extends BraceCheck {
  readonly id: string
  readonly day: string
  readonly note: string
}
export interface StoredBraceCheck extends BraceCheckInput {
  readonly passed: boolean
  readonly checkedBy: string | null
}

/** What is known about an athlete besides the profile. Answers and clearances only for whoever may read them. */
export interface Assessment {
  readonly answers: Answers | null
  /** There may be answers, for others to read. */
  readonly answersClosed: boolean
  /** Of the answers, flags and clearances together. */
  readonly healthVersion: number
  readonly screenedOn: string | null
  readonly braceStep: number
  readonly clearances: readonly Clearance[]
  /** Flags and since when, for whoever may read them. */
  readonly flags: readonly HealthMark[]
  readonly raised: Raised
  readonly braceChecks: readonly StoredBraceCheck[]
  readonly trials: readonly StoredTrial[]
  readonly course: BraceCourse
  /** Of the last weeks. */
  readonly practices: readonly Practice[]
  /** The organisation's own typical error by test. */
  readonly errors: Readonly<Partial<Record<TestId, TypicalError>>>
}

/** How the brace is taught: the cue, and what is set for at home since when. */
export interface BraceCourse {
  readonly cue: BraceCue
  readonly homework: Homework | null
  readonly setOn: string | null
}

/** Tests of the organisation's own, as a whole with one version. */
export interface StoredOwnTests {
  readonly version: number
  readonly tests: readonly OwnTest[]
}

/** An instrument that this installation knows. */
export interface InstrumentState {
  readonly name: string
  readonly kind: InstrumentKind
  readonly simulated: boolean
  readonly connected: boolean
}

/** What a running instrument sends to a page. */
export type InstrumentEvent =
  | { readonly event: 'state', readonly state: InstrumentState }
  | {
    readonly event: 'samples'
    readonly samples: readonly (readonly [seq: number, tMs: number, value: number, arrivedMs: number])[]
  }
  | { readonly event: 'press', readonly atMs: number }
  | { readonly event: 'trouble', readonly text: string }

/** Trials of everybody in sight. */
export type TrialsAnswer = Pick<Assessment, 'trials' | 'errors'>

/** A rung set by hand, with the reason that goes on the record. */
export interface PlaceInput {
  readonly version: number
  /** The rung to stand on. */
  readonly variationId: string
  readonly reason: string
}
