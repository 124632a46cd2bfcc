import { findVariation, type Variation } from '../catalogue'
import { USUAL_RULES } from '../policy'
import type { PlannedSession, PlanningContext, TrunkItem, WeekPlan } from '../programme'
import type { DrillAsked } from '../rules/drill'
import type { PlaceAsked, SessionAsked, WeekAsked } from '../rules/asked'
import { context, item } from './fixtures'
import { TOP_RUNGS } from './topRungs'

/** Hand-made athletes, drills and days, each with one thing changed, for tests of rules. */

/** Stands on the top rung everywhere. */
export const able: PlanningContext = {
  ...context,
  screen: { ...context.screen, rungs: TOP_RUNGS },
}

export const screened = (over: Partial<PlanningContext['screen']>): PlanningContext =>
  ({ ...able, screen: { ...able.screen, ...over } })

export const ruled = (over: Partial<PlanningContext['rules']>): PlanningContext =>
  ({ ...able, rules: { ...USUAL_RULES, ...over } })

export const squat = { id: 'squat', lift: 'backSquat' as const, sets: 4, reps: 4, percent1Rm: 82 }

export const day = (items: readonly TrunkItem[], over: Partial<PlannedSession> = {}): PlannedSession =>
  ({ id: 'd0', day: 0, minutes: 90, lifts: [], items, ...over })

let key = 0
export const drill = (variationId: string, over: Partial<TrunkItem> = {}): TrunkItem =>
  ({ ...item, id: `i${key++}`, variationId, dose: findVariation(variationId)!.doses[0]!, ...over })

export const drills = (ids: readonly string[]): TrunkItem[] => ids.map(id => drill(id))

/** Six minutes a side. */
export const long = (variationId: string): TrunkItem =>
  drill(variationId, { dose: { sets: 6, amount: 60, unit: 'seconds', restS: 5 } })

export const weekOf = (...sessions: readonly PlannedSession[]): WeekPlan => ({ sessions })

/** A side plank but for what is said. */
export const kind = (over: Partial<Variation> = {}): Variation => ({ ...findVariation('side-plank.feet')!, ...over })

/** What a rule of a drill is asked. */
export const forDrill = (variation: Partial<Variation>, screen: Partial<DrillAsked['screen']> = {}): DrillAsked =>
  ({ variation: kind(variation), screen: { ...able.screen, ...screen } })

/** What a rule of a place is asked. */
export const forPlace = (
  variation: Partial<Variation>, asked: Partial<Omit<PlaceAsked, 'variation' | 'item'>> & {
    item?: Partial<TrunkItem>
  } = {},
): PlaceAsked => ({
  session: day([]), context: able, before: null, ...asked, variation: kind(variation),
  item: { ...drill('side-plank.feet'), ...asked.item },
})

export const forSession = (session: PlannedSession, ctx = able): SessionAsked => ({ session, context: ctx })

export const forWeek = (sessions: readonly PlannedSession[], ctx = able): WeekAsked =>
  ({ plan: { sessions }, context: ctx })
