import { must } from '../../errors'
import type { Variation } from '../../catalogue'
import type { PlanningContext } from '../week/context'
import type { TrunkItem } from '../week/week'
import { meansOf } from '../worth/means'

/**
 * The dose and setting a drill begins with when a coach puts it in: as it is prescribed for the athlete, in the usual
 * number of sets; its own middle dose where it is no work.
 *
 * @example
 * beginWith(findVariation('brace.low-breath'), context).setting // => {}
 */
export function beginWith(variation: Variation, context: PlanningContext): Pick<TrunkItem, 'dose' | 'setting'> {
  const means = meansOf(context)
  const found = means.prescribed(variation)
  const [least, most] = means.landing.sets
  return found
    ? { dose: { ...found.dose, sets: Math.round((least + most) / 2) }, setting: found.setting }
    : {
      dose: must(variation.doses[Math.floor((variation.doses.length - 1) / 2)]), setting: means.usualSetting(variation),
    }
}
