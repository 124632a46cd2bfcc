import { history } from '../../../../services/athletes'
import { ALL, defineRoute } from '../../../../utils/defineRoute'

export default defineRoute({
  roles: ALL,
  handle: ({ context, param }) => history(context, param('id'), param('from'), context.today),
})
