import type { Knex } from 'knex'
import { mailResetLink } from '../services/links'
import { sealRecords, type Sealed } from '../services/sealRecord'
import { sumAllWeeks } from '../services/weekSums'
import { mailer } from './mailer'
import { tidy } from './tidy'
import type { RunningQueue } from '../queue/queue'

interface WorkerOptions {
  readonly db: Knex
  readonly queue: RunningQueue
  readonly publicUrl: string
  /** Months of the log are made as the owner of the tables. */
  readonly ownerUrl: string
  /** Null: mail is kept until a mail server is configured. */
  readonly smtpUrl: string | null
  readonly mailFrom: string
  /** Told of every seal of a record, so that it stands somewhere else, too. */
  readonly onSealed: (sealed: Sealed) => void
}

/** Starts what the queue does. Every job may be run twice without harm. */
export function startWorkers(
  { db, queue, publicUrl, ownerUrl, smtpUrl, mailFrom, onSealed }: WorkerOptions,
): void {
  if (smtpUrl) {
    const sendMail = mailer(db, smtpUrl, mailFrom)
    queue.work('mail', ({ organisationId, mailId }) => sendMail(organisationId!, mailId!))
  }
  queue.work('resetRequest', ({ email }) => mailResetLink(db, queue, publicUrl, email!, new Date()))
  queue.work('tidy', () => tidy(db, ownerUrl, new Date()))
  queue.work('weekSums', async () => { await sumAllWeeks(db) })
  queue.work('seal', async () => {
    for (const sealed of await sealRecords(db)) onSealed(sealed)
  })
}
