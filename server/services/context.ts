import type { Knex } from 'knex'
import type { Role } from '~~/shared/types'
import { AppError } from '~~/shared/errors'
import { athleteById } from '../repositories/athletes'
import { inOrganisation } from '../database/connection'
import type { Tx } from '../repositories/rows'

/** Who acts, in which organisation. */
export interface Actor {
  readonly organisationId: string
  readonly personId: string
  readonly role: Role
  readonly athleteId: string | null
}

/** All a use case works with: the database, who acts, and the organisation's own day. */
export interface Context {
  readonly db: Knex
  readonly actor: Actor
  readonly today: string
}

/** One transaction in the actor's organisation. */
export function transaction<T>(context: Context, work: (tx: Tx) => Promise<T>): Promise<T> {
  return inOrganisation(context.db, context.actor, work)
}

/** The day it is in a time zone, as `YYYY-MM-DD`. */
export function dayIn(timeZone: string, now: Date): string {
  return new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(now)
}

/** An athlete sees only the own pages; to everybody else of the organisation the athlete must exist. */
export async function mustSeeAthlete(tx: Tx, actor: Actor, athleteId: string) {
  const athlete = actor.role === 'athlete' && actor.athleteId !== athleteId
    ? null
    : await athleteById(tx, actor.organisationId, athleteId)
  if (!athlete) throw new AppError('notFound', 'There is no such athlete here.')
  return athlete
}
