import type { Side } from '../dose'
import type { TypicalError } from '../statistics'
import type { Person } from './norms'
import { sideDifferences } from './sideDifference'
import type { TestId, Trial } from './tests'
import { trialError } from './trialError'

/** A ratio of two holds and whether it passes its line. */
export interface HoldRatio {
  readonly id: 'rightLeft' | 'flexorExtensor' | 'rightExtensor' | 'leftExtensor'
  readonly name: string
  readonly ratio: number
  /** The line it is held against, in words. */
  readonly line: string
  readonly pastLine: boolean
  /** Past the line by more than the error of the two holds: only then is anything said. */
  readonly flagged: boolean
}

/**
 * Lines of McGill's textbook (2007 ed., recalled): context and not a verdict; the men's own mean flexor:extensor is
 * 0.99.
 */
const SIDE_TOLERANCE = 0.05
const FLEXOR_EXTENSOR = 1
const SIDE_EXTENSOR = 0.75
/** Normal quantile of the 95 % band. */
const Z95 = 1.96

/**
 * Best value of a test on a side; null when it was not taken. A trial that pain ended is no result.
 *
 * @example
 * bestOf([], 'extensor', null) // => null
 */
export function bestOf(trials: readonly Trial[], test: TestId, side: Side | null): number | null {
  const values = trials.filter(t => t.test === test && t.side === side && t.breakPoint !== 'pain').map(t => t.value)
  return values.length > 0 ? Math.max(...values) : null
}

/** The organisation's typical error by test, from its repeat trials. */
type OwnErrors = Readonly<Partial<Record<TestId, TypicalError | null>>>

/**
 * Ratios between the four holds, from the best trial of each; what was not taken is left out. One is flagged when it
 * passes its line and the holds lie further past it than their errors explain at 95 %: a ratio a:b past the line L by
 * a - L b > 1.96 sqrt(ea² + L² eb²), left against right by a believable difference.
 *
 * @example
 * holdRatios([], { sex: 'male', ageYears: 22 }) // => []
 */
export function holdRatios(trials: readonly Trial[], person: Person, own: OwnErrors = {}): HoldRatio[] {
  const raters = new Set(trials.map(t => t.takenBy ?? ''))
  const hold = (test: 'extensor' | 'flexor' | 'sideBridge', side: Side | null) => {
    const best = bestOf(trials, test, side)
    return best === null
      ? null
      : { best, error: trialError(test, side, person, own[test] ?? null, raters.size > 1).error ?? 0 }
  }
  const [extensor, flexor] = [hold('extensor', null), hold('flexor', null)]
  const [right, left] = [hold('sideBridge', 'right'), hold('sideBridge', 'left')]
  const found: HoldRatio[] = []
  const over = (id: HoldRatio['id'], name: string, a: typeof right, b: typeof right, most: number): void => {
    if (!a || !b || b.best <= 0) return
    const past = a.best - most * b.best
    const doubt = Z95 * Math.hypot(a.error, most * b.error)
    const line = `up to ${most === 1 ? '1.0' : most}`
    found.push({ id, name, ratio: a.best / b.best, line, pastLine: past > 1e-9, flagged: past > doubt })
  }
  if (right && left && left.best > 0) {
    const ratio = right.best / left.best
    // Rounded first: 1.05 as it is divided may lie a hair above or below itself.
    const pastLine = Math.abs(Math.round(ratio * 1e9) / 1e9 - 1) > SIDE_TOLERANCE + 1e-9
    const believable = sideDifferences(trials, person, own).some(d => d.test === 'sideBridge' && d.believable)
    found.push({
      id: 'rightLeft', name: 'Right to left side bridge', ratio, line: 'within 0.05 of 1', pastLine,
      flagged: pastLine && believable,
    })
  }
  over('flexorExtensor', 'Flexor to extensor', flexor, extensor, FLEXOR_EXTENSOR)
  over('rightExtensor', 'Right side bridge to extensor', right, extensor, SIDE_EXTENSOR)
  over('leftExtensor', 'Left side bridge to extensor', left, extensor, SIDE_EXTENSOR)
  return found
}
