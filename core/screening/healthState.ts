import type { IsoDay } from '../calendar'
import { clearancesOf, effectiveMarks, type Clearance, type Raised } from './clearance'
import { FLAGS, type FlagId } from './flags'
import { flagsFrom, type Answers } from './questionnaire'
import type { HealthMark } from './restrictions'

/** What is known of an athlete's health, and since when. */
export interface HealthState {
  readonly version: number
  readonly answers: Answers | null
  readonly flags: readonly FlagId[]
  readonly clearances: readonly Clearance[]
  readonly raised: Raised
}

/** A moment, with the day it is there. */
export interface Moment { readonly day: IsoDay, readonly at: string }

const isRed = (flag: FlagId): boolean => FLAGS[flag].kind === 'red'

/**
 * Since when each flag stands: what stood before keeps its moment, unless it was raised anew.
 *
 * @example
 * raisedNow({}, ['wrist'], { day: '2026-03-02', at: 'x' }) // => { wrist: { day: '2026-03-02', at: 'x' } }
 */
export function raisedNow(
  before: Raised, flags: readonly HealthMark[], { day, at }: Moment, anew: readonly FlagId[] = [],
): Raised {
  return Object.fromEntries(
    flags.map(flag => [flag, (anew.includes(flag as FlagId) ? undefined : before[flag as FlagId]) ?? { day, at }]),
  ) as Raised
}

/**
 * What is known after a screening form. A red flag that stands stays until it is cleared, whoever answers what; one
 * that was cleared and is reported once more stands anew. A coach's answers are the last word on the others, over the
 * version they were read in: null where that has passed. An athlete's raise flags and never take one away, whenever
 * they arrive.
 *
 * @param own whether the athlete answers
 * @example
 * afterAnswers({ version: 2, answers: null, flags: ['wrist'], clearances: [], raised: {} }, { own: false, version: 1, answers: {} }, { day: '2026-03-02', at: 'x' }) // => null
 */
export function afterAnswers(
  state: HealthState,
  { own, version, answers }: { readonly own: boolean, readonly version: number, readonly answers: Answers },
  now: Moment,
): HealthState | null {
  const late = state.version !== version
  if (late && !own) return null
  const raised = flagsFrom(answers)
  const kept = own ? state.flags : state.flags.filter(isRed)
  const flags = flagsFrom(Object.fromEntries([...kept, ...raised].map(flag => [flag, true])))
  const standing = effectiveMarks(state.flags, state.clearances, now.day, state.raised)
  const anew = raised.filter(flag => isRed(flag) && state.flags.includes(flag) && !standing.includes(flag))
  const yes = late ? [...flagsFrom(state.answers ?? {}), ...raised] : raised
  return {
    version: state.version + 1, flags,
    answers: { ...answers, ...Object.fromEntries(yes.map(flag => [flag, true])) },
    raised: raisedNow(state.raised, flags, now, anew),
    clearances: clearancesOf(state.clearances, flags.filter(flag => !anew.includes(flag))),
  }
}
