import type { SettingValues, Variation } from '../catalogue'
import type { Dose } from '../dose'
import { must } from '../errors'
import { effortAt, gateSetting, keyOf, loadsFor, type PrescribeFor, type Prescription } from './prescribe'

/**
 * Whether a drill is set by a load or the pull of a band.
 *
 * @example
 * takesLoad(findVariation('carries.suitcase')) // => true
 */
export function takesLoad({ settings }: Variation): boolean {
  return settings.includes('loadKg') || settings.includes('bandN')
}

/**
 * The setting of a drill whose amount is given: of the loads that there are, the one whose set comes nearest to the
 * effort that is aimed at, never past the limit where a lighter one is there; its gate's where it takes none.
 *
 * @throws DomainError `tempo` when the dose's cannot be read.
 * @example
 * settingFor(findVariation('front-plank.elbows'), { sets: 1, amount: 30, unit: 'seconds', restS: 30 }, meansOf(context)).setting // => {}
 */
export function settingFor(variation: Variation, dose: Dose, of: PrescribeFor): Prescription {
  const one: Dose = { ...dose, sets: 1 }
  const loads = takesLoad(variation) ? loadsFor(variation, of) : []
  if (loads.length === 0) return effortAt(variation, one, gateSetting(variation, of), of)
  const at = (i: number): Prescription => effortAt(variation, one, withLoad(variation, must(loads[i])), of)
  // A set goes further the heavier it is: the first load that goes past the aim, and the one below it.
  let [low, high] = [0, loads.length - 1]
  while (low < high) {
    const middle = Math.floor((low + high) / 2)
    if (at(middle).effort.effort < of.landing.aim) low = middle + 1
    else high = middle
  }
  const [above, below] = [at(low), at(Math.max(0, low - 1))]
  const off = ({ effort: { effort } }: Prescription): number => Math.abs(effort - of.landing.aim)
  return above.effort.effort > of.landing.limit || off(below) < off(above) ? below : above
}

const withLoad = (variation: Variation, load: number): SettingValues => ({ [keyOf(variation)]: load })
