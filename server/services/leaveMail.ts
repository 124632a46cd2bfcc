import { v7 as newKey } from 'uuid'
import { insertMail } from '../repositories/mail'
import type { Person } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import type { Queue } from '../queue/queue'

/** Leaves a mail to a person to be sent once the caller's transaction is through. */
export async function leaveMail(
  tx: Tx, queue: Queue, { organisationId, id: personId, email }: Pick<Person, 'id' | 'organisationId' | 'email'>,
  { subject, body }: { readonly subject: string, readonly body: string },
): Promise<void> {
  const id = newKey()
  await insertMail(tx, { id, organisationId, personId, recipient: email, subject, body })
  await queue.send(tx, 'mail', { organisationId, mailId: id })
}
