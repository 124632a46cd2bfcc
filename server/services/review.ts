import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import type { PhaseId } from '~~/core/policy'
import { spanProblem, type Review } from '~~/core/review'
import { AppError } from '~~/shared/errors'
import { trunkEvidence } from '~~/shared/trunkOf'
import type { Athlete, AthleteReview } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { entriesOf } from '../repositories/calendar'
import { ownCatalogue } from '../repositories/catalogue'
import { prescribedBetween, sessionsBetween } from '../repositories/prescriptions'
import { athleteSeasons, seasonsOf } from '../repositories/seasons'
import { sessionEffortsBetween } from '../repositories/sessionEfforts'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { lookBackInPool, type LookBackWork } from '../solver'
import { mustSeeAthlete, transaction, type Context } from './context'
import { toPrescribed } from './history'
import { logsFor } from './logsFor'
import { memory } from './memory'
import { readyTrunk } from './knownTrunk'
import { settledFor } from './planningRules'
import { competitionsFor, seasonOn, weekOfSeason } from './seasonOf'

const reviewed = memory<Promise<Review>>(200)

/** What came of an athlete's training from one day to another, on what whoever asks may read. */
export async function athleteReview(
  context: Context, athleteId: string, { from, to }: { readonly from: string, readonly to: string },
): Promise<AthleteReview> {
  const problem = spanProblem(from, to)
  if (problem) throw new AppError('badInput', problem, { to: problem })
  await readyTrunk(context, athleteId, mondayOf(to))
  const { work, phases, competitions } = await transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const { organisationId } = context.actor
    return {
      work: await workFor(tx, context, athlete, from, to),
      phases: await phasesOf(tx, organisationId, athlete, mondayOf(from), to),
      competitions: await competitionsFor(tx, organisationId, athlete, from, to),
    }
  })
  const { id, name, groupIds } = work.athlete
  return {
    athlete: { id, name, groupIds }, phases, competitions, review: await reviewed(work, () => lookBackInPool(work)),
  }
}

async function workFor(tx: Tx, context: Context, athlete: Athlete, from: string, to: string): Promise<LookBackWork> {
  const { organisationId } = context.actor
  const startsOn = mondayOf(to)
  // What was known when it began rests on what was done before.
  const since = addDays(from, -EVIDENCE_DAYS)
  const trials = await trialsSince(tx, organisationId, since, [athlete.id])
  const logs = logsFor(context, await logsBetween(tx, organisationId, [athlete.id], since, to))
  const sessions = await sessionsBetween(tx, organisationId, athlete.id, from, to)
  return {
    athlete, startsOn, competitions: [], own: (await ownCatalogue(tx, organisationId)).own,
    settled: await settledFor(tx, organisationId, athlete, startsOn),
    span: {
      from, to, logs: logs.filter(({ day }) => day >= from),
      evidence: trunkEvidence(trials.filter(({ day }) => day <= to), logs, athlete.stands),
      prescribed: (await prescribedBetween(tx, organisationId, [athlete.id], from, to)).map(toPrescribed),
      sessions: sessions.map(({ day, lifts }) => ({ day, lifts })),
      efforts: await sessionEffortsBetween(tx, organisationId, athlete.id, from, to),
    },
  }
}

/** The phase of each week, by the season it lies in. */
async function phasesOf(
  tx: Tx, organisationId: string, { id, groupIds }: Athlete, first: string, to: string,
): Promise<(PhaseId | null)[]> {
  const seasons = await seasonsOf(tx, organisationId, groupIds)
  const own = await athleteSeasons(tx, organisationId, { athleteIds: [id] })
  const entries = await entriesOf(tx, organisationId, groupIds)
  const phases: (PhaseId | null)[] = []
  for (let monday = first; monday <= to; monday = addDays(monday, 7)) {
    const season = seasonOn(seasons, groupIds, monday)
    const mine = season && (own.find(one => one.groupId === season.groupId) ?? null)
    phases.push(season ? weekOfSeason(season, mine, entries, monday)?.phase ?? null : null)
  }
  return phases
}
