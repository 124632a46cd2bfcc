import { FLAGS, type Flag } from './flags'
import { easedFacts, isEased, isRestriction, restrictionFacts, type HealthMark } from './restrictions'

/**
 * The facts of a flag, or of a consequence that comes without its flag.
 *
 * @example
 * flagFacts('wrist').kind // => 'amber'
 */
export function flagFacts(mark: HealthMark): Flag {
  if (isEased(mark)) return easedFacts(mark)
  return isRestriction(mark) ? restrictionFacts(mark) : FLAGS[mark]
}

/**
 * The red ones among some marks: with any of them no programme is given.
 *
 * @example
 * redFlags(['wrist', 'chestPain']) // => ['chestPain']
 */
export function redFlags(marks: readonly HealthMark[]): HealthMark[] {
  return marks.filter(mark => flagFacts(mark).kind === 'red')
}
