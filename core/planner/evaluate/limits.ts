import type { PlannerSession, WeekInstance } from '../instance'
import { sum, type BrokenRule, type Placed } from './placed'

function atMost(rule: string, where: string, value: number, most: number | undefined): BrokenRule[] {
  return most !== undefined && value > most + 1e-9 ? [{ rule, where, by: value - most }] : []
}

const groupsOf = (items: readonly Placed[]): Set<string> =>
  new Set(items.flatMap(({ variation: { group } }) => (group === undefined ? [] : [group])))

/** What a session and its places hold at most. */
function overInSession(session: PlannerSession, here: readonly Placed[], { variations }: WeekInstance): BrokenRule[] {
  const { id } = session
  return [
    ...atMost('minutes', id, sum(here, i => (i.slot.paired ? 0.5 : 1) * i.dose.seconds), session.capS),
    ...atMost('minutes', id, sum(here, i => i.dose.seconds), session.workCapS),
    ...atMost('items', id, here.length, session.items),
    ...session.slots.flatMap((slot) => {
      const inSlot = here.filter(i => i.slot === slot)
      const where = `${id}/${slot.id}`
      return [
        ...atMost('minutes', where, sum(inSlot, i => i.dose.seconds), slot.capS),
        ...atMost('items', where, inSlot.length, slot.items),
        ...atMost('fatigue', where, sum(inSlot, i => i.dose.fatigue), slot.fatigue),
      ]
    }),
    ...variations.flatMap(v => atMost('once', `${id}/${v.id}`, here.filter(i => i.variation === v).length, 1)),
    ...[...groupsOf(here)].flatMap(group =>
      atMost('group', `${id}/${group}`, here.filter(i => i.variation.group === group).length, 1)
    ),
  ]
}

/** Every limit of sessions and of the week that a plan passes. */
export function overLimits(instance: WeekInstance, items: readonly Placed[]): BrokenRule[] {
  const { limits, sessions, variations } = instance
  return [
    ...sessions.flatMap(session => overInSession(session, items.filter(i => i.session === session), instance)),
    ...variations.flatMap(v =>
      atMost('appearances', v.id, items.filter(i => i.variation === v).length, limits.appearances)
    ),
    ...[...groupsOf(items)].flatMap(group =>
      atMost('group', group, items.filter(i => i.variation.group === group).length, limits.groupPerWeek)
    ),
    ...atMost('distinct', 'week', new Set(items.map(i => i.variation.id)).size, limits.distinct),
    ...atMost('spineCost', 'week', sum(items, i => i.variation.spineCost), limits.spineCost),
    ...atMost('cycles', 'week', sum(items, i => i.dose.cycles ?? 0), limits.cycles),
  ]
}
