import { testFacts, type Battery, type BreakPoint, type Tests } from '~~/core/assessment'
import type { TrialInput } from '~~/shared/types'
import type { DeskStep } from '~/words/deskLooks'

/** One athlete on the desk, at their own place in the battery. */
export interface Lane {
  readonly athleteId: string
  readonly name: string
  /** Index of the step they are at; past the last: done. */
  readonly at: number
  /** Clock time the watch was started, ms; null when it stands. */
  readonly startedAt: number | null
  /** What was measured and waits to be told what ended it, with the clock time it was. */
  readonly waiting: { readonly value: number, readonly stoppedAt: number } | null
  /** A word to the trial that waits. */
  readonly note: string
  readonly done: readonly TrialInput[]
}

/** Keys that start and stop the watches, lane by lane: the digits, and two more. */
export const LANE_KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0', '-', '='] as const
/** Keys that say what ended a trial. */
export const BREAK_KEYS: readonly (readonly [string, BreakPoint])[] = [
  ['t', 'trunk'], ['l', 'lowBack'], ['h', 'hipsTurned'], ['s', 'shoulder'], ['f', 'hipFlexors'], ['g', 'grip'],
  ['n', 'neck'], ['b', 'breath'], ['a', 'balance'], ['p', 'pain'], ['Enter', 'none'],
]

/** The steps of a battery: one-sided tests right then left. */
export function stepsOf(battery: Battery, tests: Tests): DeskStep[] {
  return battery.tests.flatMap((
    test,
  ): DeskStep[] => (testFacts(test, tests).sides === 'each'
    ? (['right', 'left'] as const).map(side => ({ test, side }))
    : [{ test, side: null }])
  )
}

/** A lane as it begins. */
export const freshLane = ({ id, name }: { readonly id: string, readonly name: string }): Lane =>
  ({ athleteId: id, name, at: 0, startedAt: null, waiting: null, note: '', done: [] })

/** A lane at another step, its watch standing. */
export const laneAt = (lane: Lane, at: number): Lane => ({ ...lane, at, waiting: null, startedAt: null })

/** The lane whose trial waits longest to be told what ended it; null where none does. */
export function frontOf(lanes: readonly Lane[]): number | null {
  const waiting = lanes.flatMap(({ waiting: trial }, index) => (trial ? [{ index, at: trial.stoppedAt }] : []))
  return waiting.length === 0 ? null : waiting.reduce((a, b) => (b.at < a.at ? b : a)).index
}
