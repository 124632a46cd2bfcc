import { WEEKDAYS } from '../../calendar'
import { stepSets } from '../../dose'
import { alternatives } from './alternatives'
import type { PlanningContext } from '../week/context'
import { changeItem, findItem, moveItem, placesOf, removeItem } from './edit'
import { DRILL_RULES, itemConflicts, weekConflicts, type Conflict } from '../../rules'
import { layOutSession } from '../week/sessionLayout'
import { slotText, type TrunkItem, type WeekPlan } from '../week/week'

/** One step that settles a conflict. */
export interface Mend {
  readonly text: string
  readonly plan: WeekPlan
}

/**
 * The smallest step that settles a conflict and makes no other: another place of the same session, the same place of
 * another session, a stand-in, fewer sets, or leaving it out, in that order. Null where nothing of it helps.
 *
 * @example
 * mendConflict({ rule: 'repeat', sessionId: 's', itemId: null, text: '', blocks: false }, { sessions: [] }, context) // => null
 */
export function mendConflict(conflict: Conflict, plan: WeekPlan, context: PlanningContext): Mend | null {
  const itemId = conflict.itemId ?? longest(plan, conflict.sessionId, context)
  const found = itemId === null ? null : findItem(plan, itemId)
  if (!found) return null
  const { session, item } = found
  const name = context.screen.catalogue.find(item.variationId)?.name ?? 'the drill'
  const before = weekConflicts(plan, context).length
  const better = ({ plan: next }: Mend): boolean => {
    const after = weekConflicts(next, context)
    return after.length < before
      && !after.some(c =>
        c.rule === conflict.rule && c.itemId === conflict.itemId && c.sessionId === conflict.sessionId
      )
  }
  if (conflict.rule === 'minutes') {
    const fewer: Mend = {
      text: `One set less of ${name}`,
      plan: changeItem(plan, item.id, i => ({ ...i, dose: stepSets(i.dose, -1) })),
    }
    const without: Mend = { text: `Leave ${name} out`, plan: removeItem(plan, item.id) }
    return item.dose.sets > 1 && better(fewer) ? fewer : without
  }
  const steps = function* (): Generator<Mend> {
    for (const place of placesOf(session)) {
      if (place.slot === item.slot && place.pairedWith === item.pairedWith) continue
      yield { text: `Move it: ${slotText(place.slot, session)}`, plan: moveItem(plan, item.id, session.id, place) }
    }
    for (const other of plan.sessions) {
      if (other.id === session.id || isOfDrill(conflict)) continue
      const slot = item.pairedWith === null ? item.slot : 'after'
      yield {
        text: `Move it to ${WEEKDAYS[other.day]}`,
        plan: moveItem(plan, item.id, other.id, { slot, pairedWith: null }),
      }
    }
    for (
      const { item: stand, variation } of alternatives(item, session, context).filter(a => a.conflicts.length === 0)
        .slice(0, 3)
    ) {
      yield {
        text: `${variation.name} in its place`,
        plan: changeItem(plan, item.id, () => ({ ...stand, id: item.id })),
      }
    }
    yield { text: `Leave ${name} out`, plan: removeItem(plan, item.id) }
  }
  const open = [...steps()].filter(mend => better(mend) && !movesHome(mend, item))
  // One that leaves nothing against the drill before one that settles this conflict alone.
  return open.find(mend => !weekConflicts(mend.plan, context).some(c => c.itemId === item.id)) ?? open[0] ?? null
}

/**
 * What stands against the drill itself is no better elsewhere: a day without the flag is one before it was raised, and
 * is over.
 */
const isOfDrill = ({ rule }: Conflict): boolean => DRILL_RULES.some(({ id }) => id === rule)

/** Home work is another kind of work: nothing is sent there to be rid of a conflict. */
function movesHome({ plan }: Mend, item: TrunkItem): boolean {
  return item.slot !== 'home' && findItem(plan, item.id)?.item.slot === 'home'
}

/** The item that takes longest of those that may go, in a session that is too long: the last one of the longest. */
function longest(plan: WeekPlan, sessionId: string, { screen }: PlanningContext): string | null {
  const session = plan.sessions.find(s => s.id === sessionId)
  if (!session) return null
  const inside = new Set(session.items.filter(i => i.slot !== 'home' && !i.kept).map(i => i.id))
  const entries = layOutSession(session, screen.catalogue).entries.filter(b => inside.has(b.id))
  return entries.reduce<(typeof entries)[number] | null>(
    (best, b) => (best === null || b.durationS >= best.durationS ? b : best),
    null,
  )?.id ?? null
}

/**
 * Every conflict of an item with the step that settles it.
 *
 * @example
 * mendsFor(item, session, { sessions: [session] }, context) // => []
 */
export function mendsFor(
  item: TrunkItem, session: WeekPlan['sessions'][number], plan: WeekPlan, context: PlanningContext,
): { readonly conflict: Conflict, readonly mend: Mend | null }[] {
  return itemConflicts(item, session, context).map(conflict => ({
    conflict, mend: mendConflict(conflict, plan, context),
  }))
}
