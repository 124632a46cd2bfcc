import type { SessionEffort } from '~~/core/review'
import type { Tx } from './rows'

/** Writes down how hard a session was; told again, the last word counts. */
export async function putSessionEffort(
  tx: Tx, organisationId: string, toldBy: string, session: { readonly id: string, readonly athleteId: string },
  { day, effort, minutes }: SessionEffort,
): Promise<void> {
  await tx('session_effort').insert({
    session_id: session.id, organisation_id: organisationId, athlete_id: session.athleteId, day, effort, minutes,
    told_by: toldBy,
  }).onConflict('session_id').merge(['effort', 'minutes', 'told_by'])
}

/** How hard sessions from one day to another were. */
export async function sessionEffortsBetween(
  tx: Tx, organisationId: string, athleteId: string, from: string, to: string,
): Promise<SessionEffort[]> {
  return tx('session_effort').where({ organisation_id: organisationId, athlete_id: athleteId })
    .whereBetween('day', [from, to]).orderBy(['day', 'session_id'])
    .select<SessionEffort[]>('day', 'effort', 'minutes')
}

/** How hard one session was; null where nobody said. */
export async function sessionEffortOf(
  tx: Tx, organisationId: string, sessionId: string,
): Promise<SessionEffort | null> {
  const row = await tx('session_effort').where({ organisation_id: organisationId, session_id: sessionId })
    .first<SessionEffort | undefined>('day', 'effort', 'minutes')
  return row ?? null
}
