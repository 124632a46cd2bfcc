import { createTransport } from 'nodemailer'
import type { Knex } from 'knex'
import { asSystemOf, inOrganisation } from '../database/connection'
import { markSent, unsentMail } from '../repositories/mail'

/** Sends one mail of the outbox table. Sent and marked in one transaction: a failure leaves it to be tried again. */
type SendMail = (organisationId: string, mailId: string) => Promise<void>

export function mailer(db: Knex, smtpUrl: string, from: string): SendMail {
  const transport = createTransport(smtpUrl, { from })
  return (organisationId, mailId) =>
    inOrganisation(db, asSystemOf(organisationId), async (tx) => {
      const mail = await unsentMail(tx, organisationId, mailId)
      if (!mail) return
      await transport.sendMail({
        to: mail.recipient, subject: mail.subject, text: mail.body, messageId: `<${mail.id}@keen-anchor>`,
      })
      await markSent(tx, organisationId, mailId)
    })
}
