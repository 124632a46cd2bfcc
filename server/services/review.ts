import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays, mondayOf } from '~~/core/calendar'
import type { PhaseId } from '~~/core/policy'
import { spanProblem, type Review } from '~~/core/review'
import { AppError } from '~~/shared/errors'
import { trunkEvidence } from '~~/shared/trunkOf'
import type { Athlete, AthleteReview } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { prescribedBetween, sessionsBetween } from '../repositories/prescriptions'
import { sessionEffortsBetween } from '../repositories/sessionEfforts'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { lookBackInPool, type LookBackWork } from '../solver'
import { mustSeeAthlete, transaction, type Context } from './context'
import { groundsOf } from './grounds'
import { toPrescribed } from './history'
import { logsFor } from './logsFor'
import { memory } from './memory'
import { competitionsIn, seasonOn, weekOfSeason, type AthleteCalendar } from './seasonOf'
import { settled } from './settled'

const reviewed = memory<Promise<Review>>(200)

/** What came of an athlete's training from one day to another, on what whoever asks may read. */
export async function athleteReview(
  context: Context, athleteId: string, { from, to }: { readonly from: string, readonly to: string },
): Promise<AthleteReview> {
  const problem = spanProblem(from, to)
  if (problem) throw new AppError('badInput', problem, { to: problem })
  const startsOn = mondayOf(to)
  const { grounds, done } = await transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    const { organisationId } = context.actor
    return {
      grounds: (await groundsOf(tx, organisationId, [athlete], startsOn)).get(athleteId)!,
      done: await doneIn(tx, context, athlete, from, to),
    }
  })
  const { calendar, athlete, own } = grounds
  const work: LookBackWork = { athlete, startsOn, competitions: [], own, settled: settled(grounds), span: done }
  const { id, name, groupIds } = athlete
  return {
    athlete: { id, name, groupIds }, phases: phasesOf(calendar, athlete, mondayOf(from), to),
    competitions: competitionsIn(calendar, from, to), review: await reviewed(work, () => lookBackInPool(work)),
  }
}

/** What was asked and done in a span, on what was known when it began. */
async function doneIn(
  tx: Tx, context: Context, athlete: Athlete, from: string, to: string,
): Promise<LookBackWork['span']> {
  const { organisationId } = context.actor
  // What was known when it began rests on what was done before.
  const since = addDays(from, -EVIDENCE_DAYS)
  const trials = await trialsSince(tx, organisationId, since, [athlete.id])
  const logs = logsFor(context, await logsBetween(tx, organisationId, [athlete.id], since, to))
  const sessions = await sessionsBetween(tx, organisationId, athlete.id, from, to)
  return {
    from, to, logs: logs.filter(({ day }) => day >= from),
    evidence: trunkEvidence(trials.filter(({ day }) => day <= to), logs, athlete.stands),
    prescribed: (await prescribedBetween(tx, organisationId, [athlete.id], from, to)).map(toPrescribed),
    sessions: sessions.map(({ day, lifts }) => ({ day, lifts })),
    efforts: await sessionEffortsBetween(tx, organisationId, athlete.id, from, to),
  }
}

/** The phase of each week, by the season it lies in. */
function phasesOf(
  { seasons, own, entries }: AthleteCalendar, { groupIds }: Athlete, first: string, to: string,
): (PhaseId | null)[] {
  const phases: (PhaseId | null)[] = []
  for (let monday = first; monday <= to; monday = addDays(monday, 7)) {
    const season = seasonOn(seasons, groupIds, monday)
    const mine = season && (own.find(one => one.groupId === season.groupId) ?? null)
    phases.push(season ? weekOfSeason(season, mine, entries, monday)?.phase ?? null : null)
  }
  return phases
}
