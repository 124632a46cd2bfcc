import type { Knex } from 'knex'
import type { Athlete, Role } from '~~/shared/types'
import { AppError } from '~~/shared/errors'
import { restrictionsOf } from '~~/core/screening'
import { asSystem, inOrganisation } from '../database/connection'
import { athleteById, marksOf } from '../repositories/athletes'
import { claimWrite, keepAnswer, type WriteName } from '../repositories/receipts'
import type { Tx } from '../repositories/rows'

/** Who acts, in which organisation. */
export interface Actor {
  readonly organisationId: string
  readonly personId: string
  readonly role: Role
  readonly athleteId: string | null
}

/** Where work for later is left, inside the transaction that decides on it. */
export interface Queue {
  send(tx: Tx, name: string, data: Readonly<Record<string, string>>): Promise<void>
}

/** All a use case works with: the database, who acts, the organisation's own day, and what the request is called. */
export interface Context {
  readonly db: Knex
  readonly actor: Actor
  readonly today: string
  readonly queue: Queue
  readonly requestId: string | null
  /** The sender's name for this write; null where none was given. */
  readonly write: WriteName | null
  /** Where links in mails lead. */
  readonly publicUrl: string
}

/** One transaction that sees what the person who acts may see. */
export function transaction<T>(context: Pick<Context, 'db' | 'actor'>, work: (tx: Tx) => Promise<T>): Promise<T> {
  return inOrganisation(context.db, context.actor, work)
}

/**
 * A transaction that writes, once: the same write sent again gets the answer of the first one, whatever became of
 * the line in between.
 *
 * @throws AppError `badInput` when one name is used for two different writes.
 */
export function writing<T>(context: Context, work: (tx: Tx) => Promise<T>): Promise<T> {
  const { actor: { organisationId, personId }, write } = context
  return transaction(context, async (tx) => {
    if (!write) return work(tx)
    const earlier = await claimWrite(tx, organisationId, personId, write)
    if (earlier) {
      if (earlier.fingerprint !== write.fingerprint) throw new AppError('badInput', 'This write was sent before with other content.')
      return earlier.answer as T
    }
    const answer = await work(tx)
    await keepAnswer(tx, organisationId, personId, write.id, answer)
    return answer
  })
}

/** The day it is in a time zone, as `YYYY-MM-DD`. */
export function dayIn(timeZone: string, now: Date): string {
  return new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(now)
}

/** Who reads, and the day it is there. */
type Reader = Pick<Context, 'actor' | 'today'>

/** The athlete if in sight of who acts: own page, own groups, or all of the organisation. */
export async function mustSeeAthlete(tx: Tx, context: Reader, athleteId: string): Promise<Athlete> {
  const athlete = await athleteById(tx, context.actor.organisationId, athleteId)
  if (!athlete) throw new AppError('notFound', 'There is no such athlete here.')
  return (await asTheyMayRead(tx, context, [athlete]))[0]!
}

/** An assistant reads what flags take away, and not what they are called. */
export async function asTheyMayRead(tx: Tx, { actor, today }: Reader, athletes: readonly Athlete[]): Promise<Athlete[]> {
  if (actor.role !== 'assistant') return [...athletes]
  const flags = await asSystem(tx, actor, () => marksOf(tx, actor.organisationId, athletes.map(athlete => athlete.id), today))
  return athletes.map(athlete => ({ ...athlete, flags: restrictionsOf(flags.get(athlete.id) ?? []) }))
}
