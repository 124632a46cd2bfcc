import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { WeekOutcome } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { organisationById } from '../repositories/organisations'
import { personById } from '../repositories/people'
import { holdLine, setLine } from '../repositories/planRuns'
import { assignIn } from './assignWeek'
import { dayIn, type Context } from './context'
import { mayPlan, type LineOfWork } from './planLine'

/**
 * Assigns what a run proposed for one athlete, week by week, as whoever accepted it and as far as they may: a week that
 * was changed since stays as it is, and says so. Each week is a transaction of its own with its outcome: work that is
 * cut off goes on where it stopped.
 */
export async function acceptLine(db: Knex, line: LineOfWork, now: Date): Promise<void> {
  const { organisationId, runId, athleteId } = line
  const by = await whoAccepted(db, line, now)
  if (!by) return
  let problem = ''
  for (const startsOn of by.mondays) {
    await inOrganisation(db, by.actor, tx => assignOne(tx, by, line, startsOn)).catch((error: unknown) => {
      if (!(error instanceof AppError)) throw error
      problem = error.message
    })
  }
  await inOrganisation(db, asSystemOf(organisationId), tx =>
    setLine(tx, organisationId, runId, athleteId, { problem, acceptedBy: null }))
}

interface Acting extends Pick<Context, 'actor' | 'today' | 'requestId' | 'write'> {
  /** The weeks that are to be assigned. */
  readonly mondays: readonly string[]
}

async function assignOne(
  tx: Knex.Transaction, by: Acting, { organisationId, runId, athleteId }: LineOfWork, startsOn: string,
): Promise<void> {
  const held = await holdLine(tx, organisationId, runId, athleteId)
  if (!held) throw new AppError('notFound', 'This athlete is no longer in sight of whoever accepted.')
  const one = held.weeks.find(week => week.startsOn === startsOn && isOpen(week))
  if (!one) return
  await assignIn(tx, by, athleteId, startsOn, one.version)
  await setLine(tx, organisationId, runId, athleteId, {
    weeks: held.weeks.map(week => (week === one ? { ...week, assigned: true } : week)),
  })
}

const isOpen = (week: WeekOutcome): boolean => week.outcome === 'proposed' && !week.assigned

/** Whoever accepted, as they are now; who is no longer on the staff assigns nothing, and the line says so. */
async function whoAccepted(
  db: Knex, { organisationId, runId, athleteId }: LineOfWork, now: Date,
): Promise<Acting | null> {
  return inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    const held = await holdLine(tx, organisationId, runId, athleteId)
    const person = held?.acceptedBy ? await personById(tx, organisationId, held.acceptedBy) : null
    if (!held || !person) return null
    if (!mayPlan(person)) {
      await setLine(tx, organisationId, runId, athleteId, {
        acceptedBy: null, problem: 'Whoever accepted it plans here no longer.',
      })
      return null
    }
    const { timeZone } = (await organisationById(tx, organisationId))!
    return {
      actor: { organisationId, personId: person.id, role: person.role, athleteId: person.athleteId },
      today: dayIn(timeZone, now), requestId: null, write: null,
      mondays: held.weeks.filter(isOpen).map(week => week.startsOn),
    }
  })
}
