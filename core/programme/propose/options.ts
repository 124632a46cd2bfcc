import { kindOf, mainAction, type PerAction, type SettingValues, type Variation } from '../../catalogue'
import type { Dose, Side } from '../../dose'
import { must } from '../../errors'
import { carriedOn, effortAt, gateSetting, type Prescription } from '../../prescription'
import { positionOf } from '../sport/positions'
import type { PlanningContext } from '../week/context'
import type { WeekPlan } from '../week/week'
import { itemFullSets } from '../worth/itemEffort'
import { meansOf } from '../worth/means'
import { mayOn, openDrills } from './mayOn'

/** A drill as it may stand in the week: one set of it, in so many sets. */
export interface Option {
  readonly variation: Variation
  /** One set. */
  readonly dose: Dose
  readonly setting: SettingValues
  readonly extraSetSide: Side | null
  readonly sets: readonly number[]
}

/** Sets of fast work: few and fresh. */
const FAST_SETS = [2, 3]

/**
 * Every drill that may be given as work or as fast work, at the present rung of its branch or one below, with the
 * setting and the amount of a set. A drill of last week goes on from where it was, by what its sets said.
 *
 * @param days weekdays of the sessions
 * @param before last week's plan
 * @throws DomainError `tempo` when a dose of the catalogue cannot be read.
 * @example
 * optionsFor({ ...context, screen: { ...context.screen, flags: ['chestPain'] } }, [0]) // => []
 */
export function optionsFor(
  context: PlanningContext, days: readonly number[], before: WeekPlan | null = null,
): Option[] {
  const { screen: { rungs }, decided } = context
  return openDrills(context, days).flatMap((variation): Option[] => {
    const present = rungs[variation.branch] ?? 1
    if (variation.rung > present || variation.rung < present - 1 || decided?.[variation.id] === null) return []
    const option = optionOf(variation, context, before)
    return option && days.some(day => mayOn(day, variation, option.dose, context)) ? [option] : []
  })
}

/** A drill with its setting and one set of it; null where it is no work for this athlete. */
function optionOf(variation: Variation, context: PlanningContext, before: WeekPlan | null): Option | null {
  const kind = kindOf(variation)
  const extraSetSide = extraSideOf(variation, context)
  if (kind === 'fast') {
    const [dose] = variation.doses
    const setting = gateSetting(variation, meansOf(context))
    return { variation, dose: { ...must(dose), sets: 1 }, setting, extraSetSide: null, sets: FAST_SETS }
  }
  if (kind !== 'work') return null
  const means = meansOf(context)
  const asked = asDecided(variation, context)
  const found = asked ?? again(variation, context, before) ?? means.prescribed(variation)
  if (!found) return null
  const decided = asked && context.decided?.[variation.id]
  const [least, most] = decided?.firm ? [decided.dose.sets, decided.dose.sets] : means.landing.sets
  const sets = Array.from({ length: most - least + 1 }, (_, i) => least + i)
  return { variation, dose: found.dose, setting: found.setting, extraSetSide, sets }
}

/** What a coach decided, light or not; null where nothing is decided, or it goes too far by what is known now. */
function asDecided(variation: Variation, context: PlanningContext): Prescription | null {
  const decided = context.decided?.[variation.id]
  if (!decided) return null
  const means = meansOf(context)
  const found = effortAt(variation, { ...decided.dose, sets: 1 }, decided.setting, means)
  return found.effort.effort <= means.landing.limit ? found : null
}

/** Last week's set, carried on; null where it was not there, or is no work any more. */
function again(variation: Variation, context: PlanningContext, before: WeekPlan | null): Prescription | null {
  const last = before?.sessions.flatMap(s => s.items).find(item => item.variationId === variation.id)
  if (!last) return null
  const first = context.rules.policy.progress === 'load' ? 'load' : 'amount'
  return carriedOn(variation, last, context.progress[variation.id] ?? 'stay', first, meansOf(context))
}

/**
 * The side that gets an extra set: the weaker one of the weak link, else the one the position asks more of, in what the
 * position shifts.
 */
function extraSideOf(
  { shares, sides }: Variation, { weakLink, weakSide, sport, position }: PlanningContext,
): Side | null {
  const main = mainAction(shares)
  if (sides !== 'each' || main === null) return null
  if (main === weakLink) return weakSide
  const known = positionOf(sport, position)
  return known?.moreOn !== undefined && known.shifts[main] !== undefined ? known.moreOn : null
}

/**
 * An option in so many sets.
 *
 * @example
 * doseOf({ dose: { sets: 1, amount: 10, unit: 'seconds', restS: 5 } }, 3).sets // => 3
 */
export const doseOf = ({ dose }: Pick<Option, 'dose'>, sets: number): Dose => ({ ...dose, sets })

/**
 * Full sets by action of an option in so many sets.
 *
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * fullSetsOf({ variation, dose: { ...item.dose, sets: 1 }, setting: {}, extraSetSide: null, sets: [3] }, 3, context).antiExtension // => 0
 */
export function fullSetsOf(option: Option, sets: number, context: PlanningContext): PerAction {
  const { variation: { id }, setting, extraSetSide } = option
  return itemFullSets({ variationId: id, dose: doseOf(option, sets), setting, extraSetSide, slot: 'after' }, context)
}
