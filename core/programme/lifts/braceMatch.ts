import { bracedRepS, LOAD_VELOCITY, parseTempo, velocityMS, type RepProfile } from '../../dose'
import { DomainError } from '../../errors'
import { liftFacts, type LiftId } from './lifts'

/** A lift at a load, as it is to be matched. */
export interface LiftAtLoad {
  readonly lift: LiftId
  /** 1-100. */
  readonly percent1Rm: number
  /** Lowering-pause-raising-pause; `x` for the raise: as fast as it goes. Null: the lift's own. */
  readonly tempo: string | null
  /** Stature, metres; the bar's way goes with it. */
  readonly heightM: number
  /** Breath and brace before the rep, seconds. Null: the lift's own. */
  readonly setUpS: number | null
}

/** The braced time of one rep, part by part. */
export interface BracedRep {
  readonly setUpS: number
  readonly loweringS: number
  readonly pauseS: number
  readonly raisingS: number
  readonly totalS: number
  readonly rangeM: number
  /** Bar speed of the raise, m/s; null where the tempo says how slow. */
  readonly velocityMS: number | null
  /** Who measured that speed; null where it is a stated default of ours. */
  readonly speedSource: string | null
}

/** A piece of trunk work against the braced time of a rep. */
export interface BraceMatch {
  readonly name: string
  readonly seconds: number
  /** Its time over the rep's. */
  readonly ratio: number
  readonly matches: boolean
}

/** The way the lift's range is written for, metres. */
const WRITTEN_FOR_M = 1.75
/**
 * Within this share the two are about as long. So wide because the set-up breath alone varies by a second or two:
 * six seconds against one heavy squat rep is common practice, no source.
 */
export const MATCH_TOLERANCE = 0.4

/**
 * The braced time of one rep: set-up breath + lowering + pause + raising. The raise is range / velocity by the
 * lift's relation of load to speed, or what the tempo says; the range goes with stature.
 *
 * @throws DomainError `percent1Rm`, `heightM`, `setUpS` or `tempo` that cannot be.
 * @example
 * bracedRep({ lift: 'backSquat', percent1Rm: 80, tempo: null, heightM: 1.75, setUpS: null }).totalS.toFixed(1) // => '4.4'
 */
export function bracedRep({ lift, percent1Rm, tempo, heightM, setUpS }: LiftAtLoad): BracedRep {
  if (!(heightM >= 1.2 && heightM <= 2.3)) throw new DomainError('heightM', 'Height goes from 1.2 to 2.3 m.')
  if (setUpS !== null && !(setUpS >= 0 && setUpS <= 20))
    throw new DomainError('setUpS', 'The set-up goes from 0 to 20 seconds.')
  const own: RepProfile = liftFacts(lift).rep
  const rangeM = own.rangeM * heightM / WRITTEN_FOR_M
  const written = tempo === null ? null : parseTempo(tempo.replace(/-x-/i, '-0-'))
  const rep = {
    ...own, rangeM, setUpS: setUpS ?? own.setUpS, loweringS: written?.loweringS ?? own.loweringS,
    pauseS: written?.bottomS ?? own.pauseS,
  }
  const fastest = bracedRepS(rep, percent1Rm) - rep.setUpS - rep.loweringS - rep.pauseS
  const slow = written && written.raisingS > fastest
  const raisingS = slow ? written.raisingS : fastest
  return {
    setUpS: rep.setUpS, loweringS: rep.loweringS, pauseS: rep.pauseS, raisingS,
    totalS: rep.setUpS + rep.loweringS + rep.pauseS + raisingS, rangeM,
    velocityMS: slow ? null : velocityMS(own.relation, Math.max(30, percent1Rm)),
    speedSource: LOAD_VELOCITY[own.relation].source,
  }
}

/** Slow press-outs, out and back (seconds each way), and holds. */
const PRESS_OUT_WAYS_S = [2, 3, 4]
const HOLDS_S = [3, 5, 8, 10]

/**
 * Trunk work that is braced for about as long as one rep: slow press-outs and single holds, nearest first.
 *
 * @param repS braced time of the rep, above zero
 * @throws DomainError `repS` not above zero.
 * @example
 * matchBrace(5.2)[0].name // => 'Hold of 5 s'
 */
export function matchBrace(repS: number): BraceMatch[] {
  if (!(repS > 0)) throw new DomainError('repS', 'The braced time is above zero.')
  const offers = [
    ...PRESS_OUT_WAYS_S.map(s => ({ name: `Press-out, ${s} s out and ${s} s back`, seconds: 2 * s })),
    ...HOLDS_S.map(s => ({ name: `Hold of ${s} s`, seconds: s })),
  ]
  return offers.map(offer => ({
    ...offer, ratio: offer.seconds / repS,
    matches: Math.abs(offer.seconds / repS - 1) <= MATCH_TOLERANCE + 1e-9,
  }))
    .sort((a, b) => Math.abs(a.ratio - 1) - Math.abs(b.ratio - 1))
}

/** How to breathe by what is lifted (common practice, no source). */
export const BREATH_METHODS = {
  cycling: 'Many reps at moderate load: breathe out at the top, never empty, keep the pressure.',
  reset: 'Near-maximal: full reset, a new breath and brace for every rep, more breaths before the third.',
  behind: 'Long holds and carries: keep breathing behind the brace.',
  exhale: 'Ground drills: exhale on the effort.',
  through: 'Breathing through: exhale on every effort and hold no breath.',
} as const
export type BreathMethod = keyof typeof BREATH_METHODS

/** About 90 % of 1RM (common practice, no source). */
const NEAR_MAXIMAL_PERCENT = 88

/**
 * The breath method for a lift at a load; breathing through where a flag rules held breath out.
 *
 * @example
 * breathMethod(92, false) // => 'reset'
 */
export function breathMethod(percent1Rm: number, noBreathHold: boolean): BreathMethod {
  if (noBreathHold) return 'through'
  return percent1Rm >= NEAR_MAXIMAL_PERCENT ? 'reset' : 'cycling'
}
