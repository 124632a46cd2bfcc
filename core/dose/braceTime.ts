import { DomainError } from '../errors'
import { velocityMS, type LoadVelocityRelation } from './loadVelocity'

/** How one rep of a lift is made: what the braced time needs to know. */
export interface RepProfile {
  /** Breath and brace before the rep moves, seconds. */
  readonly setUpS: number
  readonly loweringS: number
  readonly pauseS: number
  /** Bar travel of the raise, metres. */
  readonly rangeM: number
  /** What gives the raising speed by load, so that the braced time grows with it. */
  readonly relation: LoadVelocityRelation
}

/**
 * Seconds one rep is braced for: set-up breath + lowering + pause + raising,
 * raising = range / velocity from the load-velocity relation (below 30 % the speed at 30 % is taken).
 *
 * @throws DomainError `percent1Rm` not above 0 or over 100; `rangeM` not above 0.
 * @example
 * bracedRepS({ setUpS: 1.5, loweringS: 2, pauseS: 0, rangeM: 0.6, relation: 'squat' }, 80).toFixed(1) // => '4.4'
 */
export function bracedRepS(rep: RepProfile, percent1Rm: number): number {
  if (!(percent1Rm > 0 && percent1Rm <= 100)) throw new DomainError('percent1Rm', 'Load goes from 1 to 100 % of 1RM.')
  if (!(rep.rangeM > 0)) throw new DomainError('rangeM', 'The bar must travel some way.')
  const raisingS = rep.rangeM / velocityMS(rep.relation, Math.max(30, percent1Rm))
  return rep.setUpS + rep.loweringS + rep.pauseS + raisingS
}
