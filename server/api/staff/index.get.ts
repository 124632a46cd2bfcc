import { staff } from '../../services/staff'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/staff', {
  handle: ({ context }) => staff(context),
})
