import { DEFAULTS, hoursBetween, type WeekInstance } from '../instance'
import { sum, type BrokenRule, type Placed } from './placed'

/** High doses of one action that lie too near each other, and how many pairs had better be further apart. */
export function restsBroken(
  { sessions, actions, limits }: WeekInstance, items: readonly Placed[],
): { readonly broken: readonly BrokenRule[], readonly near: number } {
  const { highOver = Infinity, restHours = 0 } = limits
  if (highOver === Infinity) return { broken: [], near: 0 }
  const days = sessions.map((session) => {
    const here = items.filter(i => i.session === session)
    return { session, high: actions.filter(action => sum(here, i => i.dose.demand[action] ?? 0) > highOver) }
  })
  const pairs = days.flatMap(({ session: a, high }, i) =>
    days.slice(i + 1).flatMap(({ session: b, high: then }) =>
      high.filter(action => then.includes(action))
        .map(action => ({ where: `${action} on ${a.id} and ${b.id}`, hours: hoursBetween(a, b) }))
    )
  )
  return {
    broken: pairs.filter(({ hours }) => hours < restHours).map(({ where }) => ({ rule: 'rest', where, by: 1 })),
    near: pairs.filter(({ hours }) => hours >= restHours && hours < DEFAULTS.spacingHours).length,
  }
}
