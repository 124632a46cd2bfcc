import { signOutEverywhere } from '../../services/account'
import { defineRoute } from '../../utils/defineRoute'
import { cookieSession } from '../../utils/signedIn'

export default defineRoute('DELETE /api/session/everywhere', {
  handle: async ({ event, context }) => {
    const answer = await signOutEverywhere(context)
    await (await cookieSession(event)).clear()
    return answer
  },
})
