import { allRules } from '../../services/planningRules'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/rules', {
  handle: ({ context }) => allRules(context),
})
