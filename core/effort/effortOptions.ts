import type { PerAction, SchoolId, SettingValues, Variation } from '../catalogue'
import {
  bareCapacities, capacitiesOf, effortOf, ownLimits, pathsOf, type Capacities, type Effort, type Evidence, type Trunk,
} from '../capacity'
import { bodyOf } from '../anatomy'
import type { Dose } from '../dose'
import { must } from '../errors'
import { BLOCK_STEP, policyRemoval } from '../policy'
import {
  EFFORT_LIMITS, gateSetting, mayBeLoaded, prescribe, USUAL_AMOUNTS, windowOf, type FacilityWeights,
  type PrescribeFor,
} from '../prescription'
import { doseRemoval, isAdmissible } from '../screening'
import { mayOn } from '../programme/propose/candidates'
import { screenOn, type PlanningContext } from '../programme/week/context'
import type { WeekPlan } from '../programme/week/week'
import { workKind } from './workKind'

/** Whose effort is reckoned, by what is known of them. */
export interface EffortRequest {
  readonly context: PlanningContext
  readonly trunk: Trunk
  readonly evidence: Evidence
  readonly today: string
  readonly school: SchoolId | null
  readonly weights?: FacilityWeights
  readonly before: WeekPlan | null
}

/** What is known of an athlete, ready to prescribe from. */
export interface EffortMeans extends PrescribeFor {
  readonly known: Capacities
}

/** A drill as it may stand in the week: one set of it, in so many sets. */
export interface EffortOption {
  readonly variation: Variation
  readonly dose: Dose
  readonly setting: SettingValues
  readonly effort: Effort
  /** Full sets of one appearance with the fewest sets. */
  readonly fullSets: Partial<PerAction>
  readonly sets: readonly number[]
}

/**
 * What is prescribed from: capacities by all that is known, the school's window, the room's loads.
 *
 * @example
 * effortMeans({ context, trunk: { sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 }, evidence: { trials: [], sets: [] }, today: '2026-03-02', school: null, before: null }).landing.aim // => 0.6
 */
export function effortMeans({ context, trunk, evidence, today, school, weights }: EffortRequest): EffortMeans {
  const { screen } = context
  const known = capacitiesOf(trunk, evidence, screen.catalogue, today)
  return {
    known, paths: pathsOf(bodyOf(trunk)), capacities: bareCapacities(known),
    landing: windowOf(school, screen.flags.length > 0, context.rules.block?.phase === 'taper'),
    massKg: trunk.massKg, heightM: trunk.heightM, equipment: screen.equipment,
    rungs: screen.rungs, own: ownLimits(evidence.sets, known.arch, today),
    young: screen.ageYears !== null && screen.ageYears < YOUNG,
    ...(weights ? { weights } : {}),
  }
}

/** Under this age technique comes before load (common practice, no source). */
const YOUNG = 16
/** Sets of fast work: few and fresh. */
const FAST_SETS = [2, 3]

/**
 * Every drill that may be given as work or as fast work, at the present rung of its branch or one below, with the
 * setting and amount of a set. A drill of last week goes on from where it was.
 *
 * @example
 * effortOptions({ context: { ...context, screen: { ...context.screen, flags: ['chestPain'] } }, trunk: { sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 }, evidence: { trials: [], sets: [] }, today: '2026-03-02', school: null, before: null }, effortMeans({ context, trunk: { sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 }, evidence: { trials: [], sets: [] }, today: '2026-03-02', school: null, before: null }), [0]) // => []
 */
export function effortOptions(request: EffortRequest, means: EffortMeans, days: readonly number[]): EffortOption[] {
  const { context } = request
  const { screen: { catalogue, rungs }, rules } = context
  const screens = [...new Set(days.map(day => screenOn(context, day)))]
  return catalogue.variations.flatMap((variation): EffortOption[] => {
    const present = rungs[variation.branch] ?? 1
    const kind = workKind(variation)
    if (!kind || variation.rung > present || variation.rung < present - 1) return []
    if (rules.never.includes(variation.id) || policyRemoval(variation, rules.policy) !== null) return []
    if (!screens.some(screen => isAdmissible(variation, screen))) return []
    const option = kind === 'fast' ? fastOption(variation, means) : workOption(variation, means, request)
    if (!option || !screens.some(screen => !doseRemoval(option.dose, screen.flags))) return []
    return days.some(day => mayOn(day, variation, option.dose, context)) ? [option] : []
  })
}

function workOption(variation: Variation, means: EffortMeans, request: EffortRequest): EffortOption | null {
  const found = again(variation, means, request) ?? prescribe(variation, means)
  if (!found) return null
  const [least, most] = means.landing.sets
  const sets = Array.from({ length: most - least + 1 }, (_, i) => least + i)
  return {
    variation, ...found, sets,
    fullSets: Object.fromEntries(Object.entries(found.effort.fullSets).map(([a, worth]) => [a, worth * least])),
  }
}

/** Last week's set one step on, or as it was where the step would go too far; null: it was not there, or is no work. */
function again(
  variation: Variation, means: EffortMeans, { before, context }: EffortRequest,
): Pick<EffortOption, 'dose' | 'setting' | 'effort'> | null {
  const last = before?.sessions.flatMap(s => s.items).find(item => item.variationId === variation.id)
  if (!last || !mayBeLoaded(variation, means, last.setting)) return null
  const of = (amount: number) => {
    const { unit, tempo } = last.dose
    const set = { unit, amount, tempo: tempo ?? null, settings: last.setting, side: null }
    const own = means.own?.(variation, last.setting) ?? null
    const effort = effortOf(variation, set, means.paths, means.capacities, 0, own)
    return { dose: { ...last.dose, sets: 1, amount }, setting: last.setting, effort }
  }
  const [least, most] = [EFFORT_LIMITS[0], means.landing.limit]
  const tries = context.notHeld.includes(variation.id)
    ? [of(last.dose.amount)]
    : [of(last.dose.amount + BLOCK_STEP[last.dose.unit]), of(last.dose.amount)]
  return tries.find(({ effort: { effort, kind }, dose }) =>
    kind === 'work' && effort >= least && effort <= most && dose.amount <= USUAL_AMOUNTS[dose.unit][1]) ?? null
}

function fastOption(variation: Variation, means: EffortMeans): EffortOption {
  const dose = must(variation.doses[0])
  const setting = gateSetting(variation, means)
  const set = { unit: dose.unit, amount: dose.amount, tempo: dose.tempo ?? null, settings: setting, side: null }
  return {
    variation, dose: { ...dose, sets: 1 }, setting, effort: effortOf(variation, set, means.paths, means.capacities),
    fullSets: {}, sets: FAST_SETS,
  }
}
