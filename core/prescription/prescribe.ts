import { gateLoadKg, kindOf, type Equipment, type Rungs, type SettingValues, type Variation } from '../catalogue'
import { effortOf, type Effort, type OwnLimitOf, type PathsOf, type PerCapacity } from '../capacity'
import { AMOUNT_STEP, secondsOf, type Dose } from '../dose'
import { must } from '../errors'
import { canBeSet, poseOf } from '../mechanics'
import { asPullN, loadSteps, nearestStep, type FacilityWeights } from './loads'
import { EFFORT_LIMITS, USUAL_AMOUNTS, type Between, type EffortWindow } from './window'

/** Whom a drill is prescribed for, and with what. */
export interface PrescribeFor {
  readonly paths: PathsOf
  readonly capacities: PerCapacity
  readonly landing: EffortWindow
  readonly massKg: number
  readonly heightM: number
  readonly equipment: readonly Equipment[]
  readonly weights?: FacilityWeights
  readonly rungs: Rungs
  /** The athlete's own limits at drills as they were set lately; none where not given. */
  readonly own?: OwnLimitOf
  /** Under 16: technique before load. */
  readonly young?: boolean
}

/** One set as it is prescribed: setting and amount chosen together, and what it is worth to the athlete. */
export interface Prescription {
  /** One set of it. */
  readonly dose: Dose
  readonly setting: SettingValues
  readonly effort: Effort
}

/**
 * A working set of a drill for an athlete: setting and amount, so that one set lands in the window of effort and
 * relative load; null where no setting that there is makes it work, or even the easiest would go too far.
 *
 * @throws DomainError `tempo` when a dose of the catalogue cannot be read.
 * @example
 * prescribe(findVariation('brace.low-breath'), { paths: pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })), capacities: { arch: 230, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }, landing: windowOf(null, false), massKg: 80, heightM: 1.8, equipment: [], rungs: {} }) // => null
 */
export function prescribe(variation: Variation, of: PrescribeFor): Prescription | null {
  if (kindOf(variation) !== 'work') return null
  const base = must(variation.doses[Math.floor((variation.doses.length - 1) / 2)])
  const [least, most] = amountsOf(variation, base, of.landing)
  const steps = loadsFor(variation, of)
  const { unit, tempo, restS } = base
  const from = (amount: number, setting: SettingValues): Prescription =>
    effortAt(variation, { sets: 1, amount, unit, restS, ...(tempo ? { tempo } : {}) }, setting, of)
  const fitting = (setting: SettingValues): Prescription => {
    const { effort } = from(most, setting)
    // What goes so far in so much goes as far in proportion: the amount that is aimed at.
    return from(within([least, most], most * of.landing.aim / effort.effort, AMOUNT_STEP[unit]), setting)
  }
  if (steps.length === 0 || !poseOf(variation)) return accepted(fitting(gateSetting(variation, of)), of.landing)
  return accepted(loaded(steps, load => fitting({ [keyOf(variation)]: load }), of.landing), of.landing)
}

/**
 * One set as it is said, with what it is worth to the athlete.
 *
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * effortAt(findVariation('front-plank.elbows'), { sets: 1, amount: 98, unit: 'seconds', restS: 0 }, {}, { paths: pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })), capacities: { arch: 230.6, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }, landing: windowOf(null, false), massKg: 80, heightM: 1.8, equipment: [], rungs: {} }).effort.effort.toFixed(1) // => '1.0'
 */
export function effortAt(variation: Variation, dose: Dose, setting: SettingValues, of: PrescribeFor): Prescription {
  const { unit, amount, tempo = null } = dose
  const below = Math.max(0, (of.rungs[variation.branch] ?? variation.rung) - variation.rung)
  const effort = effortOf(
    variation, { unit, amount, tempo, settings: setting, side: null }, of.paths, of.capacities, below,
    of.own?.(variation, setting) ?? null,
  )
  return { dose, setting, effort }
}

/**
 * Nobody is given more than so many times what a drill's own doses and gate ask; where arms, legs or grip tire too,
 * they end it sooner, whatever a trunk could bear (ours).
 */
const REACH = { trunk: 3, limbs: 1.5 } as const

/** Amounts of one set: the window's, else the usual ones, as far as the drill's own doses and gate let them. */
function amountsOf(variation: Variation, base: Dose, landing: EffortWindow): Between {
  const [low, high] = landing.amount[base.unit] ?? USUAL_AMOUNTS[base.unit]
  const far = farthest(variation)
  const step = AMOUNT_STEP[base.unit]
  // Nobody is told 37 seconds: what is long is written down in whole steps.
  const reach = far > 2 * step ? Math.floor(far / step) * step : far
  return [Math.min(low, reach), Math.min(high, reach)]
}

const farthest = ({ gate, doses, tires }: Variation): number =>
  Math.floor(Math.max(gate.amount, ...doses.map(dose => dose.amount)) * REACH[tires.length > 0 ? 'limbs' : 'trunk'])

/**
 * Seconds of the longest set of a drill that anybody is given, whatever its work is counted in.
 *
 * @throws DomainError `tempo` when a dose of the catalogue cannot be read.
 * @example
 * longestSetS(findVariation('side-plank.feet')) // => 45
 */
export function longestSetS(variation: Variation): number {
  const { unit, tempo } = must(variation.doses[0])
  return secondsOf(farthest(variation), unit, tempo)
}

function within([least, most]: Between, wanted: number, step: number): number {
  // Short sets are counted one by one: five seconds more or less are half of ten.
  const fine = wanted < 2 * step ? 1 : step
  const rounded = Math.round(wanted / fine) * fine
  return Math.min(most, Math.max(least, Number.isFinite(rounded) ? rounded : most))
}

/** What there is to load a drill with, for whom. */
export type LoadsFor = Pick<PrescribeFor, 'massKg' | 'heightM' | 'equipment' | 'weights' | 'young'>

/**
 * How a drill is loaded: by kilograms, or by the pull of a band.
 *
 * @example
 * keyOf({ settings: ['bandN'] }) // => 'bandN'
 */
export const keyOf = ({ settings }: Variation): 'loadKg' | 'bandN' => (settings.includes('loadKg') ? 'loadKg' : 'bandN')

/**
 * No load goes further past the one a drill's gate is held at: arms, grip and balance end it there, whatever a trunk
 * could bear (ours).
 */
const LOAD_REACH = { loadKg: 2.5, bandN: 3.5 } as const
/** Whoever is under 16 is not loaded past the gate itself. */
const YOUNG_REACH = 1

/**
 * Loads that there are, that the drill is made for and that its pose can be computed at, lightest first: kilograms or
 * newtons; none where it takes none.
 *
 * @example
 * loadsFor(findVariation('carries.suitcase'), { massKg: 80, heightM: 1.8, equipment: ['kettlebell'] })[0] // => 4
 */
export function loadsFor(
  variation: Variation,
  { heightM, massKg, equipment, weights, young }: LoadsFor,
): number[] {
  const key = keyOf(variation)
  const gate = gateLoadKg(variation.gate, massKg)
  const reach = young ? YOUNG_REACH : LOAD_REACH[key]
  const most = gate === null ? Infinity : (key === 'bandN' ? asPullN(gate) : gate) * reach
  const steps = loadSteps(variation, equipment, weights)
  const within = steps.filter(load => load <= most && canBeSet(variation, { heightM }, { [key]: load }))
  return within.length > 0 ? within : steps.slice(0, 1)
}

/**
 * Whether what a drill is set to lies within what it may be loaded with here: an old plan wants what it wants.
 *
 * @example
 * mayBeLoaded(findVariation('carries.suitcase'), { massKg: 80, heightM: 1.8, equipment: ['kettlebell'] }, { loadKg: 200 }) // => false
 */
export function mayBeLoaded(variation: Variation, of: LoadsFor, setting: SettingValues): boolean {
  const load = setting[keyOf(variation)]
  return load === undefined || load <= Math.max(0, ...loadsFor(variation, of))
}

/** Of the loads that there are, the one a drill without a gate of its own is begun at: a third of the way up. */
const LIGHT = 1 / 3

/**
 * Where no pose says what a load asks: the load the drill's gate is held at, in a step that there is; none where the
 * drill takes none, or nothing to load it with is there.
 *
 * @example
 * gateSetting(findVariation('front-plank.elbows'), { massKg: 80, heightM: 1.8, equipment: [] }) // => {}
 */
export function gateSetting(
  variation: Variation, of: LoadsFor,
): SettingValues {
  const steps = loadsFor(variation, of)
  const kg = gateLoadKg(variation.gate, of.massKg)
  const key = keyOf(variation)
  const load = kg === null
    ? steps[Math.floor(steps.length * LIGHT)] ?? null
    : nearestStep(steps, key === 'bandN' ? asPullN(kg) : kg)
  return load === null ? {} : { [key]: load }
}

/** Looks at a load between two others so often. */
const ROUNDS = 2

/** Every load with the amount that goes with it: the one that lands nearest to the middle of where it is to land. */
function loaded(
  steps: readonly number[], fitting: (load: number) => Prescription, { r: [least, most], limit }: EffortWindow,
): Prescription {
  const aim = (least + most) / 2
  const far = ({ effort: { r, effort } }: Prescription): number =>
    Math.abs((r ?? 0) - aim) + (effort > limit ? 10 : 0)
  const rOf = ({ effort }: Prescription): number => effort.r ?? 0
  // The relative load goes almost in a straight line with the load: the step is read off it, and once more nearer by.
  let [low, high] = [0, steps.length - 1]
  let [a, b] = [fitting(must(steps[low])), fitting(must(steps[high]))]
  for (let round = 0; round < ROUNDS && high - low > 1 && rOf(a) < aim && aim < rOf(b); round++) {
    const [from, to] = [must(steps[low]), must(steps[high])]
    const wanted = from + (to - from) * (aim - rOf(a)) / (rOf(b) - rOf(a))
    const at = Math.min(high - 1, Math.max(low + 1, steps.findIndex(step => step >= wanted)))
    const tried = fitting(must(steps[at]))
    if (rOf(tried) < aim) [low, a] = [at, tried]
    else [high, b] = [at, tried]
  }
  return far(a) <= far(b) ? a : b
}

/** A set that is work for the athlete and within what may be planned; null: it is not. */
function accepted(one: Prescription, { limit }: EffortWindow): Prescription | null {
  const { effort, kind, fullSets } = one.effort
  const [least] = EFFORT_LIMITS
  if (kind !== 'work' || Object.keys(fullSets).length === 0) return null
  return effort >= least && effort <= limit ? one : null
}
