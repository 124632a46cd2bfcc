import { athleteInvitationSchema } from '~~/shared/schemas'
import { inviteAthlete } from '../../../services/athletes'
import { defineRoute } from '../../../utils/defineRoute'

export default defineRoute('POST /api/athletes/:id/invitation', {
  body: athleteInvitationSchema,
  handle: ({ context, param, body }) => inviteAthlete(context, param('id'), body),
})
