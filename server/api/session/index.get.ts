import { guarded } from '../../utils/defineRoute'
import { signedIn } from '../../utils/signedIn'

export default guarded(async event => ({ me: (await signedIn(event))?.me ?? null }))
