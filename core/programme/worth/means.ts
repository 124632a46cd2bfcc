import { bodyOf } from '../../anatomy'
import type { SettingValues, Variation } from '../../catalogue'
import {
  bareCapacities, effortOf, ownLimitOf, pathsOf, type Effort,
} from '../../capacity'
import type { Dose, Side } from '../../dose'
import { gateSetting, prescribe, windowOf, type PrescribeFor, type Prescription } from '../../prescription'
import type { PlanningContext } from '../week/context'

/** What efforts of one athlete in one week are reckoned and prescribed from. */
export interface Means extends PrescribeFor {
  /** One set of a drill, as a rung of its branch. */
  readonly effortOf: (variation: Variation, dose: Dose, setting: SettingValues, side?: Side | null) => Effort
  /** A working set of it; null where nothing that there is makes it work. */
  readonly prescribed: (variation: Variation) => Prescription | null
  /** What a drill is set to where nobody says otherwise. */
  readonly usualSetting: (variation: Variation) => SettingValues
}

const meansByContext = new WeakMap<PlanningContext, Means>()

/**
 * The means of a context, made once: what was reckoned of a drill stays known.
 *
 * @example
 * meansOf(context).landing.aim // => 0.6
 */
export function meansOf(context: PlanningContext): Means {
  const found = meansByContext.get(context) ?? madeFrom(context)
  meansByContext.set(context, found)
  return found
}

/** Under this age technique comes before load (common practice, no source). */
const YOUNG = 16

function madeFrom({ trunk: { trunk, known, own }, screen, rules, weights }: PlanningContext): Means {
  const paths = pathsOf(bodyOf(trunk))
  const capacities = bareCapacities(known)
  const { dosing } = rules.policy
  const of: PrescribeFor = {
    paths, capacities, massKg: trunk.massKg, heightM: trunk.heightM, equipment: screen.equipment, rungs: screen.rungs,
    landing: windowOf(dosing === 'drill' ? null : dosing, screen.flags.length > 0, rules.block?.phase === 'taper'),
    own: ownLimitOf(own), young: screen.ageYears !== null && screen.ageYears < YOUNG, weights,
  }
  const prescribed = remembered((variation: Variation) => prescribe(variation, of), ({ id }) => id)
  return {
    ...of, prescribed,
    usualSetting: variation => prescribed(variation)?.setting ?? gateSetting(variation, of),
    effortOf: remembered(
      (variation, { unit, amount, tempo }, settings, side = null) => {
        const set = { unit, amount, tempo: tempo ?? null, settings, side }
        const below = Math.max(0, (screen.rungs[variation.branch] ?? variation.rung) - variation.rung)
        return effortOf(variation, set, paths, capacities, below, of.own?.(variation, settings) ?? null)
      },
      (variation, { unit, amount, tempo }, settings, side = null) =>
        `${variation.id} ${amount} ${unit} ${tempo ?? ''} ${side ?? ''} ${JSON.stringify(settings)}`,
    ),
  }
}

function remembered<A extends readonly unknown[], R>(of: (...a: A) => R, key: (...a: A) => string): (...a: A) => R {
  const known = new Map<string, R>()
  return (...args) => {
    const at = key(...args)
    if (!known.has(at)) known.set(at, of(...args))
    return known.get(at) as R
  }
}
