import type { Knex } from 'knex'
import { asSystemOf, inOrganisation } from '../database/connection'
import { keepLogMonths } from '../database/migrate'
import { archivedBefore, eraseAthleteRows } from '../repositories/athletes'
import { forgetMails } from '../repositories/mail'
import { forgetTokens } from '../repositories/accountTokens'
import { forgetReceipts } from '../repositories/receipts'
import { forgetRecord } from '../repositories/record'
import type { Tx } from '../repositories/rows'
import { record } from '../services/record'
import { forgetUnused } from '../services/signedInOn'

/**
 * Days that things are kept, besides what a head coach erases: names of writes, so that a sender may repeat one;
 * mails, whose text goes as soon as they are sent; links that are over; what the record says; and athletes who are in
 * the archive, with their tests and logs. Sign-ins go when they have ended (common practice, no source).
 */
const KEPT_DAYS = { receipts: 14, mails: 90, links: 30, record: 6 * 365, archived: 6 * 365 } as const

const DAY_MS = 86_400_000

/** What is done every night: what nobody needs any more is forgotten, and the months ahead have their place. */
export async function tidy(db: Knex, ownerUrl: string, now: Date): Promise<void> {
  const { rows } = await db.raw<{ rows: { id: string }[] }>('select organisation_id as id from keen_organisations()')
  for (const { id } of rows) await inOrganisation(db, asSystemOf(id), tx => tidyOne(tx, id, now))
  await db('rate_limit').where('expire', '<', now.getTime()).delete()
  await keepLogMonths(ownerUrl, now.toISOString().slice(0, 10))
}

/** Nobody who left long ago stays on file, and nobody has to think of it. */
async function eraseArchived(tx: Tx, organisationId: string, before: Date): Promise<void> {
  const teller = { actor: { organisationId, personId: null, role: 'system' as const }, requestId: null, write: null }
  const after = { archivedBefore: before.toISOString().slice(0, 10) }
  for (const id of await archivedBefore(tx, organisationId, before)) {
    await eraseAthleteRows(tx, id)
    await record(tx, teller, 'athlete.erase', { after })
  }
}

async function tidyOne(tx: Tx, organisationId: string, now: Date): Promise<void> {
  const before = (days: number): Date => new Date(now.getTime() - days * DAY_MS)
  await forgetReceipts(tx, organisationId, KEPT_DAYS.receipts)
  await forgetMails(tx, organisationId, before(KEPT_DAYS.mails))
  await forgetTokens(tx, organisationId, before(KEPT_DAYS.links))
  await forgetUnused(tx, organisationId, now)
  await forgetRecord(tx, before(KEPT_DAYS.record))
  await eraseArchived(tx, organisationId, before(KEPT_DAYS.archived))
}
