import { accountSchema } from '~~/shared/schemas'
import { giveAccount } from '../../../services/athletes'
import { COACHES, defineRoute } from '../../../utils/defineRoute'

export default defineRoute({
  roles: COACHES,
  body: accountSchema,
  handle: ({ context, param, body }) => giveAccount(context, param('id'), body),
})
