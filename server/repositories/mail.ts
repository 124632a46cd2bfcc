import type { Tx } from './rows'

interface Mail {
  readonly id: string
  readonly organisationId: string
  readonly personId: string
  readonly recipient: string
  readonly subject: string
  readonly body: string
}

export async function insertMail(tx: Tx, mail: Mail): Promise<void> {
  await tx('mail').insert({
    id: mail.id, organisation_id: mail.organisationId, person_id: mail.personId, recipient: mail.recipient,
    subject: mail.subject, body: mail.body,
  })
}

/** A mail that is still to be sent. */
export async function unsentMail(tx: Tx, organisationId: string, id: string): Promise<Mail | null> {
  const row = await tx('mail').where({ organisation_id: organisationId, id }).whereNull('sent_at')
    .first<{ person_id: string, recipient: string, subject: string, body: string } | undefined>()
  return row
    ? { id, organisationId, personId: row.person_id, recipient: row.recipient, subject: row.subject, body: row.body }
    : null
}

/** Marks a mail as sent and forgets its text: the link in it is a secret. */
export async function markSent(tx: Tx, organisationId: string, id: string): Promise<void> {
  await tx('mail').where({ organisation_id: organisationId, id }).update({ sent_at: tx.fn.now(), body: '' })
}

/** Forgets mails that were left before; how many there were. */
export async function forgetMails(tx: Tx, organisationId: string, before: Date): Promise<number> {
  return tx('mail').where({ organisation_id: organisationId }).where('created_at', '<', before).delete()
}
