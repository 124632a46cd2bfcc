import { feedSchema } from '~~/shared/schemas'
import { addFeed } from '../../services/calendarFeeds'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/feeds', {
  body: feedSchema,
  handle: ({ context, body }) => addFeed(context, body),
})
