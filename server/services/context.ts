import type { Knex } from 'knex'
import type { Athlete, Role } from '~~/shared/types'
import { AppError } from '~~/shared/errors'
import { catalogueWith, type Catalogue } from '~~/core/catalogue'
import { HEALTH_RULES } from '~~/core/rules'
import { redFlags, removals } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import { asSystem, inOrganisation } from '../database/connection'
import { athleteById, athletesByIds } from '../repositories/athletes'
import { ownCatalogue } from '../repositories/catalogue'
import { claimWrite, keepAnswer, type WriteName } from '../repositories/receipts'
import type { Queue } from '../queue/queue'
import type { Tx } from '../repositories/rows'

export { planEachTime } from '../repositories/rows'

/** Who acts, in which organisation. */
export interface Actor {
  readonly organisationId: string
  readonly personId: string
  readonly role: Role
  readonly athleteId: string | null
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
 * @param known the answer, where it is known before the work.
 * @throws AppError `badInput` when one name is used for two different writes.
 */
export function writing<T>(context: Context, work: (tx: Tx) => Promise<T>, known?: T): Promise<T> {
  const { actor: { organisationId, personId }, write } = context
  return transaction(context, async (tx) => {
    if (!write) return work(tx)
    const earlier = await claimWrite(tx, organisationId, personId, write, known)
    if (earlier) {
      if (earlier.fingerprint !== write.fingerprint)
        throw new AppError('badInput', 'This write was sent before with other content.')
      return earlier.answer as T
    }
    const answer = await work(tx)
    if (known === undefined) await keepAnswer(tx, organisationId, personId, write.id, answer)
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

/**
 * An assistant reads that an athlete is stopped and which drills are left, and nothing a diagnosis could be read from.
 */
export async function asTheyMayRead(
  tx: Tx, { actor, today }: Reader, athletes: readonly Athlete[],
): Promise<Athlete[]> {
  if (actor.role !== 'assistant' || athletes.length === 0) return [...athletes]
  const { organisationId } = actor
  const known = new Map(
    (await asSystem(tx, actor, () => athletesByIds(tx, organisationId, athletes.map(({ id }) => id)))).map(
      one => [one.id, one]
    ),
  )
  const catalogue = catalogueWith((await ownCatalogue(tx, organisationId)).own)
  return athletes.map(athlete => withoutDiagnosis(known.get(athlete.id) ?? athlete, today, catalogue))
}

function withoutDiagnosis(athlete: Athlete, today: string, catalogue: Catalogue): Athlete {
  const screen = screenOf(athlete, today, catalogue)
  const health = catalogue.variations.map(v => removals(v, screen).some(({ rule }) => HEALTH_RULES.includes(rule)))
  const left = health.includes(true) ? catalogue.variations.filter((_, i) => !health[i]).map(v => v.id) : null
  return {
    ...athlete, flags: redFlags(screen.flags).length > 0 ? ['refer'] : [], clearances: [],
    health: {
      ...athlete.health, raised: {}, overruled: [], left,
      pain: athlete.health.pain.map(one => ({ ...one, place: null })),
    },
  }
}
