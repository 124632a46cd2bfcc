import type { BraceCheck, BreakPoint, TestId } from '~~/core/assessment'
import type { SettingValues } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { Answers, Clearance } from '~~/core/screening'
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
}
export interface StoredTrial extends TrialInput {
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
  readonly screenedOn: string | null
  readonly braceStep: number
  readonly clearances: readonly Clearance[]
  readonly braceChecks: readonly StoredBraceCheck[]
  readonly trials: readonly StoredTrial[]
  /** The organisation's own typical error by test. */
  readonly errors: Readonly<Partial<Record<TestId, TypicalError>>>
}

/** Trials of everybody in sight. */
export type TrialsAnswer = Pick<Assessment, 'trials' | 'errors'>

/** A rung set by hand, with the reason that goes on the record. */
export interface PlaceInput {
  readonly version: number
  readonly ladder: string
  readonly rung: number
  readonly reason: string
}
