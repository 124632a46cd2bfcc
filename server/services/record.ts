import { v7 as newKey } from 'uuid'
import type { Athlete, RecordAction, RecordEntry } from '~~/shared/types'
import { addToRecord, readRecord } from '../repositories/record'
import type { Tx } from '../repositories/rows'
import { transaction, type Actor, type Context } from './context'

/** Lines the record shows at a time. */
const PAGE = 100

interface Said {
  readonly athleteId?: string | null
  readonly subjectId?: string | null
  readonly before?: unknown
  readonly after?: unknown
}

type Teller = Pick<Context, 'requestId' | 'write'> & {
  readonly actor: Pick<Actor, 'organisationId' | 'role'> & { readonly personId: string | null }
}

/** Writes down who did what, in the transaction that does it. */
export async function record(
  tx: Tx, { actor, requestId, write }: Teller, action: RecordAction, said: Said = {},
): Promise<void> {
  await addToRecord(tx, actor.organisationId, {
    id: newKey(),
    personId: actor.personId,
    role: actor.role,
    requestId,
    writeId: write?.id ?? null,
    action,
    subjectId: said.subjectId ?? null,
    athleteId: said.athleteId ?? null,
    before: said.before,
    after: said.after,
  })
}

/** Writes down that flags were read by name; whoever reads the own flags, or none, leaves no line. */
export async function recordHealthRead(tx: Tx, context: Context, athletes: readonly Athlete[]): Promise<void> {
  const { role } = context.actor
  const flagged = athletes.filter(athlete => athlete.flags.length > 0)
  if (flagged.length === 0 || role === 'assistant' || role === 'athlete') return
  const one = flagged.length === 1 ? flagged[0]!.id : null
  await record(tx, context, 'health.read', {
    athleteId: one,
    after: one ? null : { athletes: flagged.map(athlete => athlete.id) },
  })
}

/** The record, newest first. */
export function theRecord(
  context: Context,
  query: { before?: string | undefined, athleteId?: string | undefined },
): Promise<RecordEntry[]> {
  return transaction(context, tx =>
    readRecord(tx, context.actor.organisationId, {
      before: query.before ?? null, athleteId: query.athleteId ?? null, limit: PAGE,
    }))
}
