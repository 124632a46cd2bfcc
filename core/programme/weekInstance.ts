import { ACTION_FACTS, mainAction, PLANES, TRUNK_ACTIONS, type PerAction, type Variation } from '../catalogue'
import { doseRemoval } from '../screening'
import type { PlannerItem, PlannerSession, PlannerVariation, WeekInstance } from '../planner'
import { NO_LIFT_LIMIT, optionsFor, SESSION_ITEM_LIMIT, SLOT_LIMIT, suits, type Option } from './candidates'
import { dayKindOf, type PlanningContext } from './context'
import { itemActionSeconds, liftActionSeconds } from './ledger'
import { placeConflicts } from './rules'
import { itemDurationS, liftDurationS } from './sessionLayout'
import { SPORT_PROFILES } from './sportProfiles'
import type { Targets } from './targets'
import type { PlannedSession, Slot, TrunkItem, WeekPlan } from './week'

/** Trunk minutes a session takes at most, beside its lifts (common practice, no source). */
export const TRUNK_CAP_S = 20 * 60
/** Seconds under tension of one action in one session above which it is a high dose (common practice, no source). */
export const HIGH_DOSE_S = 150
/** What a second short or too much costs, beside the weak link's (ours). */
const COSTS = { weakLink: 1.5, over: 0.5, plane: 60, keep: 20, resisting: 20 } as const
/** Sessions in which each plane is met, and drills of last week that stay (common practice, no source). */
const PLANE_TIMES = 2
const STAPLES = 3
/** Times drills of one ladder come in a week. */
const LADDER_TIMES = 3

/** A week as numbers, with the way back. */
export interface WeekAsNumbers {
  readonly instance: WeekInstance
  readonly options: ReadonlyMap<string, Option>
  /** Items that the coach keeps, by session, drill and dose. */
  readonly kept: ReadonlyMap<string, TrunkItem>
}

const pairedSlot = (liftId: string): string => `paired:${liftId}`
const placeOf = (slot: string): { slot: Slot, pairedWith: string | null } =>
  (slot.startsWith('paired:') ? { slot: 'paired', pairedWith: slot.slice('paired:'.length) } : { slot: slot as Slot, pairedWith: null })

/**
 * The week of an athlete as an instance for the planner: seconds under tension by action, less what the lifts give; sessions with
 * their places; every admissible drill in every dose, and the places that a rule takes away from it.
 *
 * Items that the coach keeps are locked in their place, in the dose they have there.
 *
 * @param before last week's plan, for drills that stay
 * @throws DomainError when a lift or dose cannot be reckoned.
 * @example
 * weekAsNumbers(context, [], weeklyTargets({ ...context, sessions: 0 }), null).instance.sessions // => []
 */
export function weekAsNumbers(context: PlanningContext, sessions: readonly PlannedSession[], targets: Targets, before: WeekPlan | null): WeekAsNumbers {
  const options = new Map<string, Option>()
  const byVariation = new Map<Variation, Option[]>()
  for (const option of optionsFor(context)) byVariation.set(option.variation, [...(byVariation.get(option.variation) ?? []), option])
  const planned = sessions.map(session => plannerSession(session, context))
  const keep: PlannerItem[] = []
  const keptItems = new Map<string, TrunkItem>()
  const variations = [...byVariation].map(([variation, usual]) => {
    const kept = sessions.flatMap(session => session.items.filter(item => isKept(item, variation, context)).map(item => ({ session, item })))
    const doses = [...usual, ...kept.map(({ item }): Option => ({
      variation, dose: item.dose, extraSetSide: item.extraSetSide, gain: itemActionSeconds(item, context.screen.catalogue),
      durationS: itemDurationS(item, context.screen.catalogue),
    }))]
    // A dose is known by its place in the list: two of a drill may have the same sets.
    doses.forEach((option, i) => options.set(`${variation.id}/${i + 1}`, option))
    kept.forEach(({ session, item }, i) => {
      const sets = usual.length + i + 1
      keep.push({ variation: variation.id, session: session.id, slot: slotOf(item, session), sets })
      keptItems.set(`${session.id}/${variation.id}/${sets}`, item)
    })
    return plannerVariation(variation, doses, usual.length, sessions, planned, context)
  })
  const previous = [...new Set(before?.sessions.flatMap(s => s.items.map(i => i.variationId)) ?? [])].filter(id => variations.some(v => v.id === id))
  return {
    options, kept: keptItems,
    instance: {
      actions: TRUNK_ACTIONS,
      bands: Object.fromEntries(TRUNK_ACTIONS.map(action => [action, {
        low: targets[action].lowS, high: targets[action].highS, weight: action === context.weakLink ? COSTS.weakLink : 1, over: COSTS.over,
      }])),
      sessions: planned, variations, limits: { appearances: 2, highOver: HIGH_DOSE_S, groupPerWeek: LADDER_TIMES },
      planes: Object.fromEntries(PLANES.map(plane => [plane, Math.min(PLANE_TIMES, sessions.length)])), resisting: TRUNK_ACTIONS.filter(a => ACTION_FACTS[a].resists),
      locks: { keep }, previous, keep: Math.min(STAPLES, previous.length), penalties: { plane: COSTS.plane, keep: COSTS.keep, resisting: COSTS.resisting },
    },
  }
}

/** The place of an item; one whose lift is gone counts after the lifts. */
function slotOf(item: TrunkItem, session: PlannedSession): string {
  if (item.slot !== 'paired') return item.slot
  return session.lifts.some(lift => lift.id === item.pairedWith) ? pairedSlot(item.pairedWith!) : 'after'
}

/** Whether the coach keeps this drill here, in a dose that may be given. */
function isKept(item: TrunkItem, variation: Variation, context: PlanningContext): boolean {
  return item.kept === true && item.variationId === variation.id && !doseRemoval(item.dose, context.screen.flags)
}

const whole = (seconds: PerAction): Record<string, number> =>
  Object.fromEntries(TRUNK_ACTIONS.flatMap(action => (Math.round(seconds[action]) > 0 ? [[action, Math.round(seconds[action])]] : [])))

function plannerSession(session: PlannedSession, context: PlanningContext): PlannerSession {
  const kind = dayKindOf(session.day, context.competitionDays)
  const liftsS = session.lifts.reduce((sum, lift) => sum + liftDurationS(lift), 0)
  const lifts: Record<string, number> = {}
  for (const lift of session.lifts) for (const [action, s] of Object.entries(whole(liftActionSeconds(lift)))) lifts[action] = (lifts[action] ?? 0) + s
  const limit = session.lifts.length === 0 ? NO_LIFT_LIMIT : SLOT_LIMIT
  return {
    id: session.id, day: session.day, kind: kind === 'competition' || kind === 'dayBefore' ? kind : 'training',
    // Half of a paired second is rounded up in the layout: one spare second a lift.
    capS: Math.max(0, Math.floor(session.minutes * 60 - liftsS - session.lifts.length)), workCapS: TRUNK_CAP_S, items: SESSION_ITEM_LIMIT, lifts,
    slots: [
      { id: 'activation', items: limit.activation, activation: true },
      ...session.lifts.map(lift => ({ id: pairedSlot(lift.id), items: limit.paired, paired: true, capS: liftDurationS(lift) })),
      { id: 'after', items: limit.after }, { id: 'finisher', items: limit.finisher },
    ],
  }
}

function plannerVariation(
  variation: Variation, doses: readonly Option[], usual: number, sessions: readonly PlannedSession[], planned: readonly PlannerSession[], context: PlanningContext,
): PlannerVariation {
  const main = mainAction(variation.shares)
  const { weights } = SPORT_PROFILES[context.sport]
  const fit = TRUNK_ACTIONS.reduce((sum, a) => sum + (variation.shares[a] ?? 0) * weights[a], 0) * TRUNK_ACTIONS.length
  const below = Math.max(0, (context.screen.rungs[variation.ladder] ?? 1) - variation.rung)
  const not = sessions.flatMap((session, s) => planned[s]!.slots.flatMap(({ id }) => {
    const place = placeOf(id)
    const item: TrunkItem = { id: 'asked', variationId: variation.id, dose: doses[0]!.dose, ...place, extraSetSide: null, setting: {}, why: '' }
    if (!suits(variation, place.slot)) return [{ session: session.id, slot: id, rule: 'slot', text: 'It does not suit the place.' }]
    const conflict = placeConflicts(item, variation, { ...session, items: [] }, context)[0]
    return conflict ? [{ session: session.id, slot: id, rule: conflict.rule, text: conflict.text }] : []
  }))
  // The present rung is the work; rungs below it are for warming up. What the sport asks less of is liked less.
  const slots = [...new Set(planned.flatMap(s => s.slots.map(l => l.id)))]
  const late = main === context.weakLink ? { after: 2, finisher: 5 } : {}
  return {
    id: variation.id, group: variation.ladder, spineCost: variation.spineCost, planes: [ACTION_FACTS[main].plane], ballistic: variation.mode === 'ballistic',
    cost: Math.round(Math.max(0, 1.5 - fit) * 4),
    slotCosts: Object.fromEntries(slots.map(id => [id, (id === 'activation' ? 0 : 2 * below) + (late[id as keyof typeof late] ?? 0)])),
    not, doses: doses.map((option, i) => ({
      sets: i + 1, seconds: Math.ceil(option.durationS), fatigue: variation.fatigue, demand: whole(option.gain),
      ...(i >= usual ? { lockedOnly: true } : {}),
    })),
  }
}

/**
 * A plan of the planner as the sessions of a week, items without their reasons; kept items are the coach's own.
 *
 * @example
 * asSessions([], [], { options: new Map(), kept: new Map() }) // => []
 */
export function asSessions(plan: readonly PlannerItem[], sessions: readonly PlannedSession[], { options, kept }: Pick<WeekAsNumbers, 'options' | 'kept'>): PlannedSession[] {
  const taken = new Set([...kept.values()].map(item => item.id))
  return sessions.map(session => ({
    ...session,
    items: plan.filter(item => item.session === session.id).map((item): TrunkItem => {
      const own = kept.get(`${session.id}/${item.variation}/${item.sets}`)
      if (own) return own
      const { dose, extraSetSide } = options.get(`${item.variation}/${item.sets}`)!
      // A kept drill may have been moved here from another session, with the name it had there.
      const id = `${session.id}/${item.variation}`
      return { id: taken.has(id) ? `${id}+` : id, variationId: item.variation, dose, ...placeOf(item.slot), extraSetSide, setting: {}, why: '' }
    }),
  }))
}

/**
 * Items of a week as the planner knows them; those it does not know are left out.
 *
 * @example
 * asPlannerItems([], { options: new Map() }) // => []
 */
export function asPlannerItems(sessions: readonly PlannedSession[], { options }: Pick<WeekAsNumbers, 'options'>): PlannerItem[] {
  return sessions.flatMap(session => session.items.flatMap((item): PlannerItem[] => {
    for (let sets = 1; options.has(`${item.variationId}/${sets}`); sets++) {
      const { dose } = options.get(`${item.variationId}/${sets}`)!
      if (dose.sets === item.dose.sets && dose.amount === item.dose.amount && dose.unit === item.dose.unit) {
        return [{ variation: item.variationId, session: session.id, slot: slotOf(item, session), sets }]
      }
    }
    return []
  }))
}
