import { passwordSchema } from '~~/shared/schemas'
import type { SessionAnswer } from '~~/shared/types'
import { changePassword } from '../../services/account'
import { countedPassword } from '../../utils/countedPassword'
import { defineRoute } from '../../utils/defineRoute'
import { openSession } from '../../utils/signedIn'

/** A new password. Other devices are signed out; this one goes on. */
export default defineRoute('PUT /api/session/password', {
  body: passwordSchema,
  handle: async ({ event, context, who, body }): Promise<SessionAnswer> => {
    const sessionVersion = await countedPassword(event, context, () =>
      changePassword(context, body.password, body.next))
    const { organisationId, personId: id } = context.actor
    return openSession(event, { organisationId, id, sessionVersion }, who.signIn.own)
  },
})
