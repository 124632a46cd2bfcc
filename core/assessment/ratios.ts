import type { TestId, Trial } from './tests'
import type { Side } from '../dose'

/** A ratio of two holds and whether it passes its line. */
export interface HoldRatio {
  readonly id: 'rightLeft' | 'flexorExtensor' | 'rightExtensor' | 'leftExtensor'
  readonly name: string
  readonly ratio: number
  /** The line it is held against, in words. */
  readonly line: string
  readonly flagged: boolean
}

/**
 * Lines of McGill's textbook (2007 ed., recalled): context and not a verdict; the men's own mean flexor:extensor is
 * 0.99.
 */
const SIDE_TOLERANCE = 0.05
const FLEXOR_EXTENSOR = 1
const SIDE_EXTENSOR = 0.75

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

/**
 * Ratios between the four holds, from the best trial of each; what was not taken is left out.
 *
 * @example
 * holdRatios([]) // => []
 */
export function holdRatios(trials: readonly Trial[]): HoldRatio[] {
  const extensor = bestOf(trials, 'extensor', null)
  const flexor = bestOf(trials, 'flexor', null)
  const right = bestOf(trials, 'sideBridge', 'right')
  const left = bestOf(trials, 'sideBridge', 'left')
  const found: HoldRatio[] = []
  const add = (
    id: HoldRatio['id'], name: string, a: number | null, b: number | null, line: string,
    off: (ratio: number) => boolean,
  ): void => {
    if (a !== null && b !== null && b > 0) found.push({ id, name, ratio: a / b, line, flagged: off(a / b) })
  }
  // Rounded first: 1.05 as it is divided may lie a hair above or below itself.
  const fine = (ratio: number): number => Math.round(ratio * 1e9) / 1e9
  add(
    'rightLeft', 'Right to left side bridge', right, left, 'within 0.05 of 1',
    r => Math.abs(fine(r) - 1) > SIDE_TOLERANCE + 1e-9,
  )
  add('flexorExtensor', 'Flexor to extensor', flexor, extensor, 'up to 1.0', r => fine(r) > FLEXOR_EXTENSOR)
  add('rightExtensor', 'Right side bridge to extensor', right, extensor, 'up to 0.75', r => fine(r) > SIDE_EXTENSOR)
  add('leftExtensor', 'Left side bridge to extensor', left, extensor, 'up to 0.75', r => fine(r) > SIDE_EXTENSOR)
  return found
}
