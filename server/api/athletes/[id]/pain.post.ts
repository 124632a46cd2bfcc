import { painSchema } from '~~/shared/schemas'
import { decidePain } from '../../../services/pain'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/pain', {
  body: painSchema,
  handle: ({ context, param, body }) => decidePain(context, param('id'), body),
})
