import { createTransport } from 'nodemailer'
import type { Knex } from 'knex'
import { asSystemOf, inOrganisation } from '../database/connection'
import { markSent, unsentMail } from '../repositories/mail'

/** How long a mail server may take to be reached, to greet, and to say anything at all. */
const PATIENCE = { connectionTimeout: 10_000, greetingTimeout: 10_000, socketTimeout: 20_000 } as const

/**
 * Sends one mail of the outbox table, between two transactions: a mail server that hangs holds up no connection. Ended
 * in between, it is sent again under the same name.
 */
type SendMail = (organisationId: string, mailId: string) => Promise<void>

export function mailer(db: Knex, smtpUrl: string, from: string): SendMail {
  const transport = createTransport({ url: smtpUrl, ...PATIENCE }, { from })
  return async (organisationId, mailId) => {
    const here = <T>(work: Parameters<typeof inOrganisation<T>>[2]): Promise<T> =>
      inOrganisation(db, asSystemOf(organisationId), work)
    const mail = await here(tx => unsentMail(tx, organisationId, mailId))
    if (!mail) return
    await transport.sendMail({
      to: mail.recipient, subject: mail.subject, text: mail.body, messageId: `<${mail.id}@keen-anchor>`,
    })
    await here(tx => markSent(tx, organisationId, mailId))
  }
}
