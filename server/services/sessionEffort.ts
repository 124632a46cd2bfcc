import type { SessionEffort } from '~~/core/review'
import { AppError } from '~~/shared/errors'
import { sessionById } from '../repositories/prescriptions'
import { putSessionEffort } from '../repositories/sessionEfforts'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'

/** Tells how hard a session was as a whole; told again, the last word counts. */
export function tellSessionEffort(
  context: Context, sessionId: string, { effort, minutes }: Omit<SessionEffort, 'day'>,
): Promise<SessionEffort> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const session = await sessionById(tx, organisationId, sessionId)
    if (!session) throw new AppError('notFound', 'There is no such session here.')
    await mustSeeAthlete(tx, context, session.athleteId)
    const told = { day: session.day, effort, minutes }
    await putSessionEffort(tx, organisationId, personId, session, told)
    await record(tx, context, 'session.effort', { athleteId: session.athleteId, subjectId: sessionId, after: told })
    return told
  })
}
