import { staffInvitationSchema } from '~~/shared/schemas'
import { inviteStaff } from '../../services/staff'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/staff', {
  body: staffInvitationSchema,
  handle: ({ context, body }) => inviteStaff(context, body),
})
