import { roster } from '../../services/athletes'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/athletes', {
  handle: ({ context }) => roster(context),
})
