import type { DoseUnit } from '../dose'
import { must } from '../errors'
import type { Variation } from './variation'

/**
 * What a drill is counted in: its doses and its gate say so. A circuit may count it in seconds all the same.
 *
 * @example
 * ownUnit(findVariation('press-out.standing')) // => 'reps'
 */
export function ownUnit({ doses }: Pick<Variation, 'doses'>): DoseUnit {
  return must(doses[0]).unit
}
