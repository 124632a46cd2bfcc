import { must } from '../errors'
import { liftFacts } from '../programme/lifts/lifts'
import { itemDurationS, liftDurationS } from '../programme/week/sessionLayout'
import { isFixed, type BrokenAt, type SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** Work between the sets of a lift is no longer than the lift. */
export const restsOfLift: Rule<'restsOfLift', null, SessionAsked, BrokenAt> = {
  id: 'restsOfLift', scope: 'session', severity: 'warn', title: 'Paired work fits the rests of its lift', value: null,
  source: COMMON_PRACTICE,
  breaks: ({ session, context: { screen: { catalogue } } }) =>
    session.lifts.flatMap(lift =>
      (['paired', 'inside'] as const).flatMap((slot): BrokenAt[] => {
        const items = session.items.filter(item => !isFixed(item) && item.slot === slot && item.pairedWith === lift.id)
        const seconds = items.reduce((sum, item) => sum + itemDurationS(item, catalogue), 0)
        return items.length > 0 && seconds > liftDurationS(lift)
          ? [{
            sessionId: session.id, itemId: must(items.at(-1)).id,
            text: `Longer than the ${liftFacts(lift.lift).name.toLowerCase()} it belongs to.`,
          }]
          : []
      })
    ),
}
