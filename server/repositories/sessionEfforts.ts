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

/** How hard some sessions were, by session; one that nobody told of is not there. */
export async function sessionEffortsOf(
  tx: Tx, organisationId: string, sessionIds: readonly string[],
): Promise<Map<string, SessionEffort>> {
  const rows = await tx('session_effort').where({ organisation_id: organisationId })
    .whereIn('session_id', sessionIds as string[])
    .select<(SessionEffort & { session_id: string })[]>('session_id', 'day', 'effort', 'minutes')
  return new Map(rows.map(({ session_id: id, ...effort }) => [id, effort]))
}
