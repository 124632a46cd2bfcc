import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import type { Decision, Overruled } from '~~/core/progression'
import type { SeasonAround } from '~~/core/rules'
import type { SeasonWeek } from '~~/core/season'
import type { Athlete } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { ownCatalogue } from '../repositories/catalogue'
import { decisionsSince } from '../repositories/decisions'
import { prescribedBetween } from '../repositories/prescriptions'
import type { Tx } from '../repositories/rows'
import { logsBetween } from '../repositories/setLogs'
import { decideInPool, type DecideWork } from '../solver'
import { mustSeeAthlete, transaction, type Context } from './context'
import { readyTrunk } from './knownTrunk'
import { logsFor } from './logsFor'
import { memory } from './memory'
import { settledFor } from './planningRules'
import { competitionsFor } from './seasonOf'

/** So far back sets are looked at, and competitions ahead. */
const [SETS_DAYS, AHEAD_DAYS] = [42, 28]

const decided = memory<Promise<readonly Decision[]>>(500)

/** What the engine would decide of an athlete's drills today, on the evidence that whoever asks may read. */
export async function decisionsFor(context: Context, athleteId: string): Promise<readonly Decision[]> {
  await readyTrunk(context, athleteId, mondayOf(context.today))
  const work = await transaction(context, async tx =>
    workFor(tx, context, await mustSeeAthlete(tx, context, athleteId)))
  return decided(work, () => decideInPool(work))
}

async function workFor(tx: Tx, context: Context, athlete: Athlete): Promise<DecideWork> {
  const { actor: { organisationId }, today } = context
  const startsOn = mondayOf(today)
  const from = addDays(today, -SETS_DAYS)
  const settled = await settledFor(tx, organisationId, athlete, startsOn)
  const competitions = await competitionsFor(tx, organisationId, athlete, today, addDays(today, AHEAD_DAYS))
  const prescribed = await prescribedBetween(tx, organisationId, [athlete.id], from, today)
  const tests = await trialsSince(tx, organisationId, addDays(today, -EVIDENCE_DAYS), [athlete.id])
  return {
    athlete, startsOn, competitions, settled,
    own: (await ownCatalogue(tx, organisationId)).own,
    evidence: {
      prescribed: prescribed.map(({ item: { dose, extraSetSide, slot }, itemId, variationId, day }) =>
        ({ itemId, variationId, day, dose, extraSetSide, wakes: slot === 'activation' })),
      logs: logsFor(context, await logsBetween(tx, organisationId, [athlete.id], from, today)),
      trials: tests, season: seasonAround(today, settled.season, competitions.map(({ day }) => day)),
      overruled: await overruledBefore(tx, organisationId, athlete.id, today),
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
async function overruledBefore(
  tx: Tx, organisationId: string, athleteId: string, today: string,
): Promise<Overruled[]> {
  const all = await decisionsSince(tx, organisationId, [athleteId], addDays(today, -EVIDENCE_DAYS))
  return all.filter(one => one.state === 'taken' && one.taken !== one.kind).reverse()
    .map(({ variationId, day, kind, taken, reason }) => ({ variationId, day, kind, took: taken, reason }))
}
