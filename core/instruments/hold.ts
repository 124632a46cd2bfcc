import { DomainError } from '../errors'
import { spreadOf } from '../statistics'

/** When a hold on the force gauge begins and ends: shares of the target, and how long they must last. */
export interface HoldRule {
  readonly targetN: number
  readonly beginShare: number
  readonly endShare: number
  readonly beginMs: number
  readonly endMs: number
}

/**
 * The usual rule for a target (common practice, no source): begins at 80 % kept for 0.3 s, ends below 70 % for 0.5 s.
 *
 * @throws DomainError `targetN` below 5 N or above 2000 N.
 * @example
 * holdRule(90).endShare // => 0.7
 */
export function holdRule(targetN: number): HoldRule {
  if (!(targetN >= 5 && targetN <= 2000)) throw new DomainError('targetN', 'The target goes from 5 to 2000 N.')
  return { targetN, beginShare: 0.8, endShare: 0.7, beginMs: 300, endMs: 500 }
}

/** Where a hold stands. Times are the instrument's. */
export interface HoldState {
  readonly phase: 'waiting' | 'holding' | 'ended'
  readonly beganMs: number | null
  readonly endedMs: number | null
  /** Since when the force has been over the line (waiting) or under it (holding). */
  readonly crossedMs: number | null
}

export const HOLD_WAITS: HoldState = { phase: 'waiting', beganMs: null, endedMs: null, crossedMs: null }

/**
 * Takes one sample into a hold. The beginning and the end are dated back to the moment the line was crossed, so that
 * the waiting time to be sure is not counted as held, nor lost.
 *
 * @example
 * advanceHold(HOLD_WAITS, { tMs: 0, value: 95 }, holdRule(90)).crossedMs // => 0
 */
export function advanceHold(
  state: HoldState,
  { tMs, value }: { readonly tMs: number, readonly value: number },
  rule: HoldRule,
): HoldState {
  if (state.phase === 'ended') return state
  const waiting = state.phase === 'waiting'
  const crossed = waiting ? value >= rule.beginShare * rule.targetN : value < rule.endShare * rule.targetN
  if (!crossed) return state.crossedMs === null ? state : { ...state, crossedMs: null }
  const since = state.crossedMs ?? tMs
  if (waiting) {
    return tMs - since >= rule.beginMs
      ? { phase: 'holding', beganMs: since, endedMs: null, crossedMs: null }
      : { ...state, crossedMs: since }
  }
  return tMs - since >= rule.endMs
    ? { ...state, phase: 'ended', endedMs: since, crossedMs: null }
    : { ...state, crossedMs: since }
}

/** A hold in numbers. */
export interface HoldReading {
  readonly holdS: number
  readonly meanN: number
  /** Standard deviation over mean, in per cent: the steadiness. Null when too short to say. */
  readonly cvPercent: number | null
}

/**
 * The ramp at the beginning is not steadiness: left out of mean and spread where the hold is longer than three of them.
 */
const RAMP_MS = 1000

/**
 * A hold from one moment to before another (the sample of the end is let go already): its length, mean force and
 * coefficient of variation (sample SD / mean) after the first second.
 *
 * @throws DomainError `samples` when none lies between the two moments.
 * @example
 * readHold([{ tMs: 0, value: 90 }, { tMs: 900, value: 90 }], 0, 1000) // => { holdS: 1, meanN: 90, cvPercent: 0 }
 */
export function readHold(
  samples: readonly { readonly tMs: number, readonly value: number }[],
  beganMs: number, endedMs: number,
): HoldReading {
  const from = endedMs - beganMs > 3 * RAMP_MS ? beganMs + RAMP_MS : beganMs
  const spread = spreadOf(samples.filter(s => s.tMs >= from && s.tMs < endedMs).map(s => s.value))
  if (!spread) throw new DomainError('samples', 'Nothing was measured in this hold.')
  return {
    holdS: Math.round((endedMs - beganMs) / 100) / 10, meanN: spread.mean,
    cvPercent: spread.sd === null || !(spread.mean > 0) ? null : 100 * spread.sd / spread.mean,
  }
}
