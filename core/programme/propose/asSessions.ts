import { must } from '../../errors'
import type { PlannerItem } from '../../planner'
import { isFixed } from '../../rules'
import type { PlannedSession, TrunkItem } from '../week/week'
import { placeOf, slotOf } from './plannerPlaces'
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
      ...session.items.filter(isFixed),
      ...plan.filter(item => item.session === session.id).map((item): TrunkItem => {
        const own = kept.get(`${session.id}/${item.variation}/${item.sets}`)
        if (own) return own
        const { dose, extraSetSide } = must(options.get(`${item.variation}/${item.sets}`))
        // A kept drill may have been moved here from another session, with the name it had there.
        const id = `${session.id}/${item.variation}`
        return {
          id: taken.has(id) ? `${id}+` : id, variationId: item.variation, dose, ...placeOf(item.slot), extraSetSide,
          setting: {}, why: '',
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
  return sessions.flatMap(session =>
    session.items.filter(item => !isFixed(item)).flatMap((item): PlannerItem[] => {
      for (let sets = 1; options.has(`${item.variationId}/${sets}`); sets++) {
        const { dose } = must(options.get(`${item.variationId}/${sets}`))
        if (dose.sets === item.dose.sets && dose.amount === item.dose.amount && dose.unit === item.dose.unit) {
          return [{ variation: item.variationId, session: session.id, slot: slotOf(item, session), sets }]
        }
      }
      return []
    })
  )
}
