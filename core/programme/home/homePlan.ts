import { formatDose } from '../../dose'
import { must } from '../../errors'
import type { Equipment } from '../../catalogue'
import { evaluatePlan, planWeek } from '../../planner'
import type { FacilityWeights } from '../../prescription'
import { asSessions } from '../propose/asSessions'
import { isRefused } from '../propose/notes'
import { QUICK_BUDGET } from '../propose/fillWeek'
import { loadText, reasonFor } from '../propose/reason'
import { weekAsNumbers } from '../propose/weekInstance'
import type { PlanningContext } from '../week/context'
import { weekLedger } from '../week/ledger'
import { weeklyTargets, type Targets } from '../week/targets'
import type { TrunkItem, WeekPlan } from '../week/week'

/** What a household has in place of a gym's kit (common practice, no source). */
export const HOUSEHOLD: Readonly<Partial<Record<Equipment, string>>> = {
  wall: 'a wall', chair: 'a firm chair', box: 'a stair', stick: 'a broom handle', dumbbell: 'a filled bottle, 1.5 kg',
  plate: 'two thick books', sandbag: 'a rucksack with books, 5-8 kg',
  medicineBall: 'a full rucksack held to the chest',
}
/** What it weighs, kilograms. */
const HOUSEHOLD_KG: FacilityWeights = {
  dumbbell: [1.5], plate: [2, 3], sandbag: [5, 6, 7, 8], medicineBall: [5, 6, 7, 8],
}

/** What stands in at home for the kit a drill asks for, in words; empty where it asks for none. */
export interface HomeItem {
  readonly item: TrunkItem
  readonly instead: string
}

/** Longest plan that still gets done at home (common practice, no source). */
const MOST_MINUTES = 20

/**
 * A plan for so many minutes at home: what the week leaves short, served with floor and household, alone. The same
 * rules and flags hold as in the gym.
 *
 * @param minutes 3-20
 * @param sessionId the session of the week it is written into; items stand in its home slot
 * @example
 * homePlan({ sessions: [] }, 's', 5, context) // => []
 */
export function homePlan(plan: WeekPlan, sessionId: string, minutes: number, context: PlanningContext): HomeItem[] {
  const session = plan.sessions.find(s => s.id === sessionId)
  if (!session || isRefused(context, [session])) return []
  const { catalogue } = context.screen
  const home = atHome(context)
  // Nobody watches at home.
  const bare = {
    id: session.id, day: session.day, minutes: Math.min(MOST_MINUTES, minutes), lifts: [], items: [], supervised: false,
  }
  const numbers = weekAsNumbers(home, [bare], shortOf(plan, context))
  const given = new Set(session.items.map(item => item.variationId))
  const instance = {
    ...numbers.instance, planes: {}, variations: numbers.instance.variations.filter(v => !given.has(v.id)),
    sessions: numbers.instance.sessions.map(s => ({ ...s, workCapS: minutes * 60 })),
  }
  const { plan: found } = planWeek(instance, { budget: QUICK_BUDGET, start: [] })
  if (evaluatePlan(instance, found).broken.length > 0) return []
  return must(asSessions(found, [bare], numbers)[0]).items.map((item, i): HomeItem => {
    const variation = must(catalogue.find(item.variationId))
    const instead = variation.equipment.map(need => must(need.map(e => HOUSEHOLD[e]).find(Boolean))).join(', ')
    const there: TrunkItem = {
      ...item, id: `${session.id}/home/${i + 1}/${item.variationId}`, slot: 'home', pairedWith: null,
    }
    const why = `${reasonFor(there, variation, bare, home, null)}${instead ? ` Use ${instead}.` : ''}`
    const dose = `${formatDose(item.dose, variation.sides)}${loadText(item.setting)}`
    return { item: { ...there, why }, instead: `${variation.name} ${dose}${instead ? ` with ${instead}` : ''}` }
  })
}

/** The athlete with what a household has. */
function atHome(context: PlanningContext): PlanningContext {
  const equipment = Object.keys(HOUSEHOLD) as Equipment[]
  return {
    ...context, weights: HOUSEHOLD_KG, screen: { ...context.screen, equipment },
    screens: (context.screens ?? []).map(screen => ({ ...screen, equipment })),
  }
}

/** What the week leaves short, as the targets of what is done at home. */
function shortOf(plan: WeekPlan, context: PlanningContext): Targets {
  const { lines } = weekLedger(plan, weeklyTargets({ ...context, sessions: plan.sessions.length }), context)
  return Object.fromEntries(lines.map(({ action, short, band, lifts, drills }) =>
    [action, { low: short, high: Math.max(short, band.high - lifts - drills) }])) as unknown as Targets
}
