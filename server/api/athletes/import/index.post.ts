import { athletesImportSchema } from '~~/shared/schemas'
import { importAthletes } from '../../../services/athletes'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/import', {
  body: athletesImportSchema,
  handle: ({ context, body }) => importAthletes(context, body.athletes),
})
