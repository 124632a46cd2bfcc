import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import type { Decision, Overruled } from '~~/core/progression'
import type { SeasonAround } from '~~/core/rules'
import type { SeasonWeek } from '~~/core/season'
import type { Athlete } from '~~/shared/types'
import type { StoredDecision } from '../repositories/decisions'
import type { Tx } from '../repositories/rows'
import { decideInPool, type DecideWork } from '../solver'
import { mustSeeAthlete, transaction, type Context } from './context'
import { groundsOf, SETS_DAYS, type Grounds } from './grounds'
import { logsFor } from './logsFor'
import { memory } from './memory'
import { competitionsIn } from './seasonOf'
import { settled } from './settled'

/** So far ahead competitions are looked at. */
const AHEAD_DAYS = 28

const decided = memory<Promise<readonly Decision[]>>(500)

/** What decisions about some athletes in sight rest on today, by key. */
export const groundsToday = (
  tx: Tx, { actor, today }: Context, athletes: readonly Athlete[],
): Promise<Map<string, Grounds>> => groundsOf(tx, actor.organisationId, athletes, mondayOf(today))

/** What the engine would decide of an athlete's drills today, on the evidence that whoever asks may read. */
export async function decisionsFor(context: Context, athleteId: string): Promise<readonly Decision[]> {
  return decisionsOn(context, await transaction(context, async tx =>
    (await groundsToday(tx, context, [await mustSeeAthlete(tx, context, athleteId)])).get(athleteId)!))
}

/** The same of grounds that are there. */
export function decisionsOn(context: Context, grounds: Grounds): Promise<readonly Decision[]> {
  const work = workFor(context, grounds)
  return decided(work, () => decideInPool(work))
}

function workFor(context: Context, grounds: Grounds): DecideWork {
  const { today } = context
  const { athlete, startsOn, own, past, calendar } = grounds
  const known = settled(grounds)
  const competitions = competitionsIn(calendar, today, addDays(today, AHEAD_DAYS))
  const [from, since] = [addDays(today, -SETS_DAYS), addDays(today, -EVIDENCE_DAYS)]
  const within = ({ day }: { readonly day: string }): boolean => day >= from && day <= today
  return {
    athlete, startsOn, competitions, settled: known, own,
    evidence: {
      prescribed: past.prescribed.filter(within)
        .map(({ item: { dose, extraSetSide, slot }, itemId, variationId, day }) =>
          ({ itemId, variationId, day, dose, extraSetSide, wakes: slot === 'activation' })),
      logs: logsFor(context, past.logs.filter(within)),
      trials: past.trials.filter(({ day }) => day >= since),
      season: seasonAround(today, known.season, competitions.map(({ day }) => day)),
      overruled: overruledSince(past.decisions, since),
    },
  }
}

/** The phase a day lies in, and its last day as the plan has it; a taper is looked at anew each week. */
function seasonAround(today: string, season: SeasonWeek | null, competitions: readonly string[]): SeasonAround {
  if (!season) return { today, phase: null, phaseEndsOn: null, competitions }
  const phase = season.block.phase ?? season.phase
  const weeks = season.load === 'taper' ? 0 : season.weeksOfPhase - season.weekOfPhase
  return { today, phase, phaseEndsOn: addDays(mondayOf(today), 7 * weeks + 6), competitions }
}

/** What coaches decided otherwise, newest first. */
const overruledSince = (decisions: readonly StoredDecision[], since: string): Overruled[] =>
  decisions.filter(one => one.day >= since && one.state === 'taken' && one.taken !== one.kind).reverse()
    .map(({ variationId, day, kind, taken, reason }) => ({ variationId, day, kind, took: taken, reason }))
