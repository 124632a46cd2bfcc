import { SLOTS, type Slot } from '../programme/week/week'
import { isFixed, type BrokenAt, type SessionAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

type Limits = Readonly<Record<Slot, number>>

/**
 * Most items a place takes (paired and inside: per lift). A session without lifts is its own main work: there is
 * nothing to activate for.
 */
const value: Readonly<Record<'lifting' | 'trunkOnly', Limits>> = {
  lifting: { activation: 2, paired: 1, inside: 1, after: 2, finisher: 1, home: 0 },
  trunkOnly: { activation: 1, paired: 0, inside: 0, after: 3, finisher: 1, home: 0 },
}

/**
 * Most items each place of a session takes.
 *
 * @example
 * placeLimits({ lifts: [] }).after // => 3
 */
export function placeLimits({ lifts }: { readonly lifts: readonly unknown[] }): Limits {
  return lifts.length > 0 ? value.lifting : value.trunkOnly
}

export const placeItems: Rule<'placeItems', typeof value, SessionAsked, BrokenAt> = {
  id: 'placeItems', scope: 'session', severity: 'warn', title: 'A place holds only so many drills', value,
  source: COMMON_PRACTICE,
  breaks: ({ session }) => {
    const limits = placeLimits(session)
    const seen = new Map<string, number>()
    return session.items.filter(item => !isFixed(item)).flatMap((item): BrokenAt[] => {
      const place = `${item.slot}:${item.pairedWith ?? ''}`
      const count = (seen.get(place) ?? 0) + 1
      seen.set(place, count)
      const most = limits[item.slot]
      const text = most === 0
        ? `There is nothing to be ${SLOTS[item.slot]}.`
        : `One drill too many for its place (${SLOTS[item.slot]}): ${most} at most.`
      return count > most ? [{ sessionId: session.id, itemId: item.id, text }] : []
    })
  },
}
