import { saveCatalogueSchema } from '~~/shared/schemas'
import { saveCatalogue } from '../../services/catalogue'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('PUT /api/catalogue', {
  body: saveCatalogueSchema,
  handle: ({ context, body }) => saveCatalogue(context, body),
})
