import { must } from '../../errors'
import type { PlannerItem } from '../../planner'
import type { PlannedSession, TrunkItem } from '../week/week'
import { placeOf, slotOf } from './plannerPlaces'
import { standsOutside } from './plannerSession'
import type { WeekAsNumbers } from './weekInstance'

/**
 * A plan of the planner as the sessions of a week, items without their reasons; kept items are the coach's own.
 *
 * @example
 * asSessions([], [], { options: new Map(), kept: new Map() }) // => []
 */
export function asSessions(
  plan: readonly PlannerItem[], sessions: readonly PlannedSession[],
  { options, kept }: Pick<WeekAsNumbers, 'options' | 'kept'>,
): PlannedSession[] {
  const taken = new Set([...kept.values()].map(item => item.id))
  return sessions.map(session => ({
    ...session,
    items: [
      ...session.items.filter(standsOutside),
      ...plan.filter(item => item.session === session.id).map((item): TrunkItem => {
        const own = kept.get(`${session.id}/${item.variation}/${item.sets}`)
        if (own) return own
        const { dose, setting, extraSetSide } = must(options.get(`${item.variation}/${item.sets}`))
        // A kept drill may have been moved here from another session, with the name it had there.
        const id = `${session.id}/${item.variation}`
        return {
          id: taken.has(id) ? `${id}+` : id, variationId: item.variation, dose, ...placeOf(item.slot), extraSetSide,
          setting, why: '',
        }
      }),
    ],
  }))
}

/**
 * Items of a week as the planner knows them; those it does not know are left out.
 *
 * @example
 * asPlannerItems([], { options: new Map() }) // => []
 */
export function asPlannerItems(
  sessions: readonly PlannedSession[], { options }: Pick<WeekAsNumbers, 'options'>,
): PlannerItem[] {
  const known = [...options].map(([key, placed]) => {
    const at = key.lastIndexOf('/')
    return { variation: key.slice(0, at), sets: Number(key.slice(at + 1)), dose: placed.dose }
  })
  return sessions.flatMap(session =>
    session.items.filter(item => !standsOutside(item)).flatMap((item): PlannerItem[] => {
      const own = known.filter(({ variation, dose }) =>
        variation === item.variationId && dose.sets === item.dose.sets && dose.unit === item.dose.unit)
      // A set that went a small step on is the same drill all the same.
      const found = own.find(({ dose }) => dose.amount === item.dose.amount) ?? own[0]
      return found
        ? [{ variation: item.variationId, session: session.id, slot: slotOf(item, session), sets: found.sets }]
        : []
    })
  )
}
