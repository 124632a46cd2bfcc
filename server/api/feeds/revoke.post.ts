import { withdrawSchema } from '~~/shared/schemas'
import { revokeFeed } from '../../services/calendarFeeds'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/feeds/revoke', {
  body: withdrawSchema,
  handle: ({ context, body }) => revokeFeed(context, body.id),
})
