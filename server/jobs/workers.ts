import type { Knex } from 'knex'
import { asSystemOf, inOrganisation } from '../database/connection'
import { forgetReceipts } from '../repositories/receipts'
import { mailResetLink } from '../services/links'
import { mailer } from './mailer'
import type { RunningQueue } from '../queue/queue'

/** Days a sender may take to repeat a write. */
const RECEIPT_DAYS = 14

interface WorkerOptions {
  readonly db: Knex
  readonly queue: RunningQueue
  readonly publicUrl: string
  /** Null: mail is kept until a mail server is configured. */
  readonly smtpUrl: string | null
  readonly mailFrom: string
}

/** Starts what the queue does. Every job may be run twice without harm. */
export async function startWorkers({ db, queue, publicUrl, smtpUrl, mailFrom }: WorkerOptions): Promise<void> {
  if (smtpUrl) {
    const sendMail = mailer(db, smtpUrl, mailFrom)
    await queue.work('mail', ({ organisationId, mailId }) => sendMail(organisationId!, mailId!))
  }
  await queue.work('resetRequest', ({ email }) => mailResetLink(db, queue, publicUrl, email!, new Date()))
  await queue.work('tidy', async () => {
    const { rows } = await db.raw<{ rows: { id: string }[] }>('select organisation_id as id from keen_organisations()')
    for (const { id } of rows) await inOrganisation(db, asSystemOf(id), tx => forgetReceipts(tx, id, RECEIPT_DAYS))
  })
}
