import { passwordSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { changePassword } from '../../services/account'
import { callerAddress, defineRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'
import { openSession } from '../../utils/signedIn'

/** A new password. Other devices are signed out; this one goes on. */
export default defineRoute('PUT /api/session/password', {
  body: passwordSchema,
  handle: async ({ event, context, who, body }): Promise<SessionAnswer> => {
    await useRuntime().limits.count('accountAndAddress', who.me.id, callerAddress(event))
    const sessionVersion = await changePassword(context, body.password, body.next)
    await useRuntime().limits.forget('accountAndAddress', who.me.id, callerAddress(event))
    const { organisationId, personId: id } = context.actor
    const now = await openSession(event, { organisationId, id, sessionVersion })
    return { me: now?.me ?? null, csrf: now?.csrf ?? null }
  },
})
