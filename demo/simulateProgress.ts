import type { Prescribed, SetLog } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { CAPACITY_IDS, knownTrunk, type PerCapacity } from '~~/core/capacity'
import {
  EQUIPMENT, neighboursOf, STANDARD, type Equipment, type SettingValues, type Variation,
} from '~~/core/catalogue'
import { expandSets, type Dose } from '~~/core/dose'
import { must } from '~~/core/errors'
import { meansOf, type PlanningContext } from '~~/core/programme'
import { decide, type DecisionKind } from '~~/core/progression'
import { planningContext } from '~~/shared/planningContext'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { AthleteInput, StoredSetLog } from '~~/shared/types'
import { heldOn, hiddenTrunk, trueEffort, type HiddenTrunk } from './hiddenTrunk'
import type { Chance } from './random'

/** Who decides on the next week: our rules, or somebody who always adds two repeats or five seconds. */
type Decider = 'rules' | 'always'

/** What came of some athletes in some weeks. */
interface Simulated {
  readonly sets: number
  /** Sets that asked for more than the athlete could hold. */
  readonly beyond: number
  /**
   * Mean distance of known from hidden capacities, of the logarithm: first of strangers, then of what sets had measured
   * at the end of each week.
   */
  readonly errors: readonly number[]
  readonly decisions: Readonly<Partial<Record<DecisionKind, number>>>
  /** Rungs gone up, an athlete. */
  readonly rungs: number
}

const FIRST_DAY = '2026-01-05'
/** Two sessions a week; now and then one is missed, or done and not logged. */
const SESSION_DAYS = [0, 3] as const
const [DONE, LOGGED] = [0.9, 0.85]
/** What a further set costs on top, how days differ, and how well somebody says how hard a set was. */
const [TIRED, DAYS, SAID] = [0.04, 0.08, 0.1]
/** How far somebody's trunk may be from what people of the kind hold, of the logarithm. */
const UNLIKE = 0.35
/** Branches that everybody trains, from their second rung on. */
const BRANCHES = ['front-plank', 'side-plank', 'press-out', 'rollout']

interface Given { readonly variation: Variation, readonly dose: Dose, readonly setting: SettingValues }

/** Plan, train, log, decide, and plan again, week after week. */
export function simulateProgress(
  luck: Chance,
  { athletes, weeks, decider }: { readonly athletes: number, readonly weeks: number, readonly decider: Decider },
): Simulated {
  const errors: number[][] = Array.from({ length: weeks + 1 }, () => [])
  const decisions: Partial<Record<DecisionKind, number>> = {}
  let [sets, beyond, rungs] = [0, 0, 0]
  for (let n = 0; n < athletes; n++) {
    const input = somebody(luck)
    const hidden = unlikeOthers(luck, hiddenTrunk(luck, input, FIRST_DAY))
    const [prescribed, logs]: [Prescribed[], StoredSetLog[]] = [[], []]
    const stranger = contextOf(input, [], FIRST_DAY, {})
    errors[0]?.push(...errorsOf(stranger, hidden, FIRST_DAY, false))
    let given = begun(stranger)
    const first = rungsOf(given)
    for (let week = 0; week < weeks; week++) {
      const monday = addDays(FIRST_DAY, 7 * week)
      const trained = train(luck, input, hidden, given, monday)
      sets += trained.ways.length
      beyond += trained.ways.filter(way => way > 1).length
      prescribed.push(...trained.prescribed)
      logs.push(...trained.logs)
      const today = addDays(monday, 6)
      const context = contextOf(input, logs, today, Object.fromEntries(given.map(one => [one.variation.branch, one])))
      errors[week + 1]?.push(...errorsOf(context, hidden, today, true))
      given = decider === 'always'
        ? given.map(one => always(one, context))
        : decided(given, context, { prescribed, logs, today }, decisions)
    }
    rungs += rungsOf(given) - first
  }
  const mean = (all: readonly number[]): number => all.reduce((a, b) => a + b, 0) / Math.max(1, all.length)
  return { sets, beyond, errors: errors.map(mean), decisions, rungs: rungs / athletes }
}

/** Nobody knows these people: each is far stronger or weaker than people of the kind are. */
function unlikeOthers(luck: Chance, hidden: HiddenTrunk): HiddenTrunk {
  const by = Math.exp(UNLIKE * 2 * (luck.next() - 0.5))
  const nm = Object.fromEntries(CAPACITY_IDS.map(id => [id, hidden.nm[id] * by])) as unknown as PerCapacity
  return { ...hidden, nm }
}

const rungsOf = (given: readonly Given[]): number => given.reduce((sum, { variation }) => sum + variation.rung, 0)

function somebody(luck: Chance): AthleteInput {
  const male = luck.yes(0.5)
  const below = (most: number): number => Math.floor(luck.next() * most)
  return {
    name: 'Somebody', goal: '', goalVariationId: null, goalLift: null, sport: 'general', position: '',
    sex: male ? 'male' : 'female', heightCm: (male ? 170 : 160) + below(20), massKg: (male ? 68 : 55) + below(20),
    birthYear: 1996 + below(10), trainingAgeYears: 1 + below(8),
    equipment: Object.keys(EQUIPMENT) as Equipment[], available: [], flags: [], braceStep: 7, stands: [],
    weakLink: luck.yes(0.5) ? 'antiLateralFlexion' : null, weakSide: luck.yes(0.3) ? 'left' : null, groupIds: [],
  }
}

function contextOf(
  input: AthleteInput, logs: readonly StoredSetLog[], today: string, given: Readonly<Record<string, Given>>,
): PlanningContext {
  const stands = Object.values(given).map(({ variation }) => variation.id)
  const tops = STANDARD.ladders.flatMap(({ rungs }) => rungs.slice(-1).map(rung => rung.id))
  const athlete = { ...input, stands: [...tops, ...stands] }
  const base = planningContext(athlete, today, [], STANDARD)
  const rungs = { ...base.screen.rungs, ...Object.fromEntries(
    BRANCHES.map(branch => [branch, given[branch]?.variation.rung ?? 2])) }
  return {
    ...base, screen: { ...base.screen, rungs },
    trunk: knownTrunk(trunkOf(input, today), trunkEvidence([], logs, stands), STANDARD, today),
  }
}

/** The second rung of every branch, as it is prescribed to a stranger; the first where that is too much. */
function begun(context: PlanningContext): Given[] {
  const means = meansOf(context)
  return BRANCHES.flatMap((id): Given[] => {
    const { rungs = [] } = STANDARD.branch(id) ?? {}
    for (const variation of rungs.slice(0, 4).reverse()) {
      const found = means.prescribed(variation)
      if (found) return [{ variation, dose: { ...found.dose, sets: 3 }, setting: found.setting }]
    }
    return []
  })
}

function train(luck: Chance, input: AthleteInput, hidden: HiddenTrunk, given: readonly Given[], monday: string) {
  const [prescribed, logs, ways]: [Prescribed[], StoredSetLog[], number[]] = [[], [], []]
  for (const weekday of SESSION_DAYS) {
    const day = addDays(monday, weekday)
    const [done, logged] = [luck.yes(DONE), luck.yes(LOGGED)]
    const form = Math.exp(DAYS * 2 * (luck.next() - 0.5))
    for (const { variation, dose, setting } of given) {
      const itemId = `${day} ${variation.id}`
      prescribed.push({ itemId, variationId: variation.id, day, dose, extraSetSide: null })
      if (!done) continue
      for (const { side, setNumber } of expandSets(dose, variation.sides, null)) {
        const asked = trueEffort(input, heldOn(hidden, day), variation, dose, setting, side) ?? 0.6
        const way = asked * form * (1 + TIRED * (setNumber - 1))
        ways.push(way)
        const set: SetLog = {
          prescribedItemId: itemId, variationId: variation.id, day, setNumber, side, unit: dose.unit,
          amount: Math.max(1, Math.floor(dose.amount * Math.min(1, 1 / way))), tempo: dose.tempo ?? null,
          breakPoint: way > 1 ? 'trunk' : 'none', setting, feltAt: [], painAt: null,
          effort: Math.min(10, Math.max(1, Math.round(10 * Math.min(1, way) * said(luck)))),
        }
        if (logged) logs.push({ ...set, id: luck.key(), athleteId: '', performedAt: `${day}T10:00:00Z`, note: '' })
      }
    }
  }
  return { prescribed, logs, ways }
}

const said = (luck: Chance): number => Math.exp(SAID * 2 * (luck.next() - 0.5))

function decided(
  given: readonly Given[], context: PlanningContext,
  { prescribed, logs, today }: {
    readonly prescribed: Prescribed[]
    readonly logs: StoredSetLog[]
    readonly today: string
  },
  counts: Partial<Record<DecisionKind, number>>,
): Given[] {
  const season = { today, phase: null, phaseEndsOn: null, competitions: [] }
  const all = decide({ context, prescribed, logs, season })
  return given.map((one) => {
    const decision = all.find(({ variationId }) => variationId === one.variation.id)
    if (!decision) return one
    counts[decision.kind] = (counts[decision.kind] ?? 0) + 1
    // More that rests on little waits, as in the tray.
    const { to } = decision
    if (!to || (decision.kind === 'more' && decision.confidence === 'thin')) return one
    return { variation: must(STANDARD.find(to.variationId)), dose: { ...to.dose, sets: 3 }, setting: to.setting }
  })
}

/** Two repeats or five seconds more, whatever happened; the next rung from the gate's amount on. */
function always({ variation, dose, setting }: Given, context: PlanningContext): Given {
  const amount = dose.amount + (dose.unit === 'seconds' || dose.unit === 'metres' ? 5 : 2)
  const { harder } = neighboursOf(variation, STANDARD)
  if (amount <= variation.gate.amount || !harder) return { variation, dose: { ...dose, amount }, setting }
  const [first] = harder.doses
  return { variation: harder, dose: { ...must(first), sets: 3 }, setting: meansOf(context).usualSetting(harder) }
}

function errorsOf({ trunk }: PlanningContext, hidden: HiddenTrunk, day: string, measured: boolean): number[] {
  const held = heldOn(hidden, day)
  return CAPACITY_IDS.filter(id => !measured || trunk.known[id].measured)
    .map(id => Math.abs(Math.log(trunk.known[id].nm / held[id])))
}
