import { v7 as newKey } from 'uuid'
import type { Athlete, RecordAction } from '~~/shared/types'
import { addToRecord } from '../repositories/record'
import type { Tx } from '../repositories/rows'
import type { Actor, Context } from './context'

interface Said {
  readonly athleteId?: string | null
  readonly subjectId?: string | null
  readonly before?: unknown
  readonly after?: unknown
}

type Teller = Pick<Context, 'requestId' | 'write'> & {
  readonly actor: {
    readonly organisationId: string
    readonly personId: string | null
    /** `system`: the product itself, or whoever owns the machine. */
    readonly role: Actor['role'] | 'system'
  }
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
