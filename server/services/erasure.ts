import { addDays } from '~~/core/calendar'
import { answersOf, braceChecksOf, tracesSince, trialsSince } from '../repositories/assessment'
import { braceCourse, practicesSince } from '../repositories/braceCourse'
import { decisionsSince } from '../repositories/decisions'
import { painDecisionsOf } from '../repositories/health'
import { guardianOf } from '../repositories/guardians'
import { personHere } from '../repositories/people'
import { rulesOfAthletes } from '../repositories/planningRules'
import { prescribedBetween } from '../repositories/prescriptions'
import { readRecord } from '../repositories/record'
import { athleteSeasons, seasonChangesOf } from '../repositories/seasons'
import { sessionEffortsBetween } from '../repositories/sessionEfforts'
import { logsBetween } from '../repositories/setLogs'
import { allWeeksOf } from '../repositories/weeks'
import { weekSeries } from '../repositories/weekSums'
import { eraseAthleteRows } from '../repositories/athletes'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { record } from './record'
import { mustBeTyped } from './typedName'

/** Days far enough apart to hold everything ever stored. */
const FIRST_DAY = '1900-01-01'

/** Everything kept about one athlete, for the athlete or whoever they ask to have it sent to. */
export function exportAthlete(context: Context, id: string): Promise<Record<string, unknown>> {
  const { organisationId, role } = context.actor
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, id)
    const last = addDays(context.today, 3650)
    const account = await personHere(tx, organisationId, { athleteId: id })
    await record(tx, context, 'athlete.export', { athleteId: id })
    return {
      format: 'keen-anchor-athlete',
      formatVersion: 1,
      exportedOn: context.today,
      athlete,
      account: account ? { name: account.name, email: account.email, units: account.units } : null,
      weeks: await allWeeksOf(tx, organisationId, id),
      season: {
        otherwise: await athleteSeasons(tx, organisationId, { athleteIds: [id] }),
        changes: await seasonChangesOf(tx, organisationId, id),
      },
      planningRules: role === 'athlete' ? [] : await rulesOfAthletes(tx, organisationId, [id]),
      prescribed: await prescribedBetween(tx, organisationId, [id], FIRST_DAY, last),
      sets: await logsBetween(tx, organisationId, [id], FIRST_DAY, last),
      weekSums: await weekSeries(tx, organisationId, id, FIRST_DAY),
      sessionEfforts: await sessionEffortsBetween(tx, organisationId, id, FIRST_DAY, last),
      guardian: await guardianOf(tx, organisationId, id),
      answers: await answersOf(tx, organisationId, id),
      decisions: await decisionsSince(tx, organisationId, [id], FIRST_DAY),
      painDecisions: await painDecisionsOf(tx, organisationId, id),
      braceChecks: await braceChecksOf(tx, organisationId, id),
      braceCourse: await braceCourse(tx, organisationId, id),
      bracePractices: await practicesSince(tx, organisationId, FIRST_DAY, id),
      trials: await trialsSince(tx, organisationId, FIRST_DAY, [id]),
      traces: await tracesSince(tx, organisationId, FIRST_DAY, id),
      record: role === 'headCoach'
        ? await readRecord(tx, organisationId, { before: null, athleteId: id, limit: 100_000 })
        : [],
    }
  })
}

/** Erases an athlete for good: every row, and what the record says of them. The name has to be typed. */
export function eraseAthlete(context: Context, id: string, name: string): Promise<{ erased: string }> {
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, id)
    mustBeTyped(athlete.name, name)
    await eraseAthleteRows(tx, id)
    // Of nobody: their key is gone, too.
    await record(tx, context, 'athlete.erase')
    return { erased: id }
  })
}
