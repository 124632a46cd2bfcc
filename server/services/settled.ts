import { addDays } from '~~/core/calendar'
import type { KnownTrunk } from '~~/core/capacity'
import { bestLately, progressOf } from '~~/core/programme'
import { inForce } from '~~/core/progression'
import { planningContext } from '~~/shared/planningContext'
import type { Athlete, Settled } from '~~/shared/types'
import type { Tx } from '../repositories/rows'
import { groundsOf, LATELY_DAYS, type Grounds } from './grounds'
import { trunkKnown } from './knownTrunk'
import { nameOf } from './planningRules'
import { seasonWeekIn } from './seasonOf'

/** What holds for an athlete in a week: the layers, what last week's sets said, and what is known of the trunk. */
export function settled(grounds: Grounds): Settled {
  const { athlete, startsOn, groups, rules, weights, sports, calendar } = grounds
  const trunk = trunkKnown({ ...grounds, ...grounds.past })
  return {
    layers: rules.flatMap(({ scope, scopeId, rules: set }) => {
      const called = scope === 'athlete' ? athlete.name : groups.find(group => group.id === scopeId)?.name ?? null
      const name = nameOf({ scope, scopeId }, called)
      return name === null ? [] : [{ scope, scopeId, name, rules: set }]
    }),
    weights, sports, trunk, ...lately(grounds, trunk), season: seasonWeekIn(calendar, athlete, startsOn),
  }
}

/** The same read and reckoned inside a transaction that decides on more. */
export async function settledFor(tx: Tx, organisationId: string, athlete: Athlete, startsOn: string): Promise<Settled> {
  return settled((await groundsOf(tx, organisationId, [athlete], startsOn)).get(athlete.id)!)
}

/** What the sets of the last weeks said of each drill, and the most that one of those weeks held. */
function lately(
  { athlete, startsOn, catalogue, past }: Grounds, trunk: KnownTrunk,
): Pick<Settled, 'progress' | 'decided' | 'bestLately'> {
  const [from, to] = [addDays(startsOn, -LATELY_DAYS), addDays(startsOn, -1)]
  const within = ({ day }: { readonly day: string }): boolean => day >= from && day <= to
  const logs = past.logs.filter(within)
  const given = past.prescribed.filter(within).map(({ item, ...one }) => ({ ...item, ...one }))
  const taken = past.decisions.filter(one => one.state === 'taken' && one.day >= from)
    .map(one => ({ variationId: one.variationId, kind: one.taken, day: one.day, from: one.given, to: one.step }))
  return {
    progress: progressOf(given, logs, startsOn),
    decided: inForce(taken, logs, startsOn),
    bestLately: bestLately(past.sessions, logs, startsOn, {
      ...planningContext(athlete, startsOn, [], catalogue), trunk,
    }),
  }
}
