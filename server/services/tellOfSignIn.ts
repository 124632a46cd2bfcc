import { asSystem } from '../database/connection'
import { personById, type Person } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import type { Context } from './context'
import { leaveMail } from './leaveMail'

const SUBJECTS = {
  factor: 'Your second factor for Keen Anchor was changed', passkey: 'Your passkeys for Keen Anchor were changed',
} as const

/** A mail to whoever acts, that their sign-in was changed: if it was somebody else, they learn of it. */
export function tellOfSignIn(
  tx: Tx, { actor, queue }: Context, about: keyof typeof SUBJECTS, what: string,
): Promise<void> {
  return asSystem(tx, actor, async () => {
    const person = await personById(tx, actor.organisationId, actor.personId) as Person
    await leaveMail(tx, queue, person, {
      subject: SUBJECTS[about],
      body: `Hello ${person.name},\n\n${what}. `
        + 'If it was not you, ask for a new password on the sign-in page and tell your head coach.\n',
    })
  })
}
