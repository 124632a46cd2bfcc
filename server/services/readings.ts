import type { RecordAction } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { hasRecorded } from '../repositories/record'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { record } from './record'

/** A page that stays open reads again and again: one line an hour says it. */
const HOUR_MS = 3_600_000

/** Writes down that somebody read what is kept of an athlete, or of all in sight; the own is nobody's business. */
export async function recordReading(
  tx: Tx, context: Pick<Context, 'actor' | 'requestId' | 'write'>,
  action: Extract<RecordAction, 'history.read' | 'trials.read' | 'traces.read' | 'record.read'>,
  athleteId: string | null = null,
): Promise<void> {
  const { organisationId, personId, role } = context.actor
  if (role === 'athlete') return
  const since = new Date(Date.now() - HOUR_MS)
  const known = await asSystem(tx, context.actor, () =>
    hasRecorded(tx, organisationId, { personId, action, athleteId, since }))
  if (!known) await record(tx, context, action, { athleteId })
}
