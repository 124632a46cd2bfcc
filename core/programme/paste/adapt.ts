import { must } from '../../errors'
import type { Rungs, Variation } from '../../catalogue'
import { itemConflicts } from '../../rules'
import { doseRemoval, isAdmissible, type Screen } from '../../screening'
import { alternatives } from '../edit/alternatives'
import { screenOn, type PlanningContext } from '../week/context'
import { meansOf } from '../worth/means'
import type { PlannedLift, PlannedSession, TrunkItem, WeekPlan } from '../week/week'

/** An item made to fit another athlete, and what had to change. */
export interface Adapted {
  readonly item: TrunkItem
  /** Null: nothing but the id. */
  readonly note: string | null
}

/** How far below the present rung a drill stood for the one it was written for: as far it stands for the other. */
function rungFor(variation: Variation, fromRungs: Rungs, screen: Screen): Variation | null {
  const below = Math.max(0, (fromRungs[variation.branch] ?? 1) - variation.rung)
  const wanted = Math.max(1, (screen.rungs[variation.branch] ?? 1) - below)
  const open = screen.catalogue.variations.filter(v =>
    v.branch === variation.branch && v.rung <= Math.max(wanted, 1) && v.sides === variation.sides
    && isAdmissible(v, screen)
  )
  return open.reduce<Variation | null>(
    (best, v) => (best === null || v.rung > best.rung || (v.rung === best.rung && v.id === variation.id) ? v : best),
    null,
  )
}

/**
 * The dose as written where the drill counts the same and the flags allow it; else the drill's lightest that they
 * allow.
 */
function doseFor(item: TrunkItem, from: Variation, to: Variation, screen: Screen): TrunkItem['dose'] | null {
  const same = must(from.doses[0]).unit === must(to.doses[0]).unit && !doseRemoval(item.dose, screen.flags)
  return same ? item.dose : to.doses.find(dose => !doseRemoval(dose, screen.flags)) ?? null
}

/**
 * One athlete's item for another: the same intent on the other's own rung, in the same place where there is one. A
 * branch nothing is open on gives way to the nearest drill that may be given; null when there is none.
 *
 * @param from rungs of the athlete it was written for
 * @param session the other's session it goes into
 * @param partner the lift it was paired with
 * @example
 * adaptItem(item, { rungs: {}, partner: null }, session, context)?.item.variationId // => 'side-plank.top-leg-raised'
 */
export function adaptItem(
  item: TrunkItem,
  from: { readonly rungs: Rungs, readonly partner: PlannedLift | null },
  session: PlannedSession, context: PlanningContext,
): Adapted | null {
  const { catalogue } = context.screen
  const variation = catalogue.find(item.variationId)
  if (!variation) return null
  const partner = session.lifts.find(lift => lift.lift === from.partner?.lift)
  const place = item.pairedWith === null
    ? { slot: item.slot, pairedWith: null }
    : partner
    ? { slot: item.slot, pairedWith: partner.id }
    : { slot: 'after' as const, pairedWith: null }
  const { kept: _, circuit: __, rounds: ___, ...plain } = item
  const base: TrunkItem = {
    ...plain, ...place, id: `${session.id}/${item.variationId}+`, setting: {}, extraSetSide: null,
  }
  const screen = screenOn(context, session.day)
  const own = rungFor(variation, from.rungs, screen)
  const dose = own ? doseFor(item, variation, own, screen) : null
  const fresh = own && dose
    ? {
      ...base, variationId: own.id, dose, setting: meansOf(context).usualSetting(own), id: `${session.id}/${own.id}+`,
    }
    : nearest(base, session, context)
  if (!fresh || session.items.some(other => other.variationId === fresh.variationId)) return null
  const to = must(catalogue.find(fresh.variationId))
  const broken = itemConflicts(fresh, { ...session, items: [...session.items, fresh] }, context)
  const notes = [
    ...(to.id === variation.id
      ? []
      : [
        `${to.name} in place of ${variation.name}${own ? ': the own rung' : ': nothing on its branch may be given'}.`,
      ]),
    ...(place.slot === item.slot ? [] : ['After the lifts: there is no such lift that day.']),
    ...broken.map(conflict => `${to.name}: ${conflict.text}`),
  ]
  return { item: fresh, note: notes.length > 0 ? notes.join(' ') : null }
}

function nearest(item: TrunkItem, session: PlannedSession, context: PlanningContext): TrunkItem | null {
  const found = alternatives(item, session, context)[0]?.item
  return found ? { ...found, id: `${session.id}/${found.variationId}+` } : null
}

/**
 * A week with one item added to a session, under an id that is free in it.
 *
 * @example
 * addAdapted({ sessions: [] }, 's', item) // => { sessions: [] }
 */
export function addAdapted(plan: WeekPlan, sessionId: string, item: TrunkItem): WeekPlan {
  const taken = new Set(plan.sessions.flatMap(s => s.items.map(i => i.id)))
  let id = item.id
  while (taken.has(id)) id = `${id}+`
  return { sessions: plan.sessions.map(s => (s.id === sessionId ? { ...s, items: [...s.items, { ...item, id }] } : s)) }
}
