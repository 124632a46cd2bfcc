import { guarded } from '../../utils/defineRoute'
import { cookieSession } from '../../utils/signedIn'

export default guarded(async (event) => {
  const session = await cookieSession(event)
  await session.clear()
  return { me: null }
})
