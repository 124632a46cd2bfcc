import { myFeeds } from '../../services/calendarFeeds'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('GET /api/feeds', { handle: ({ context }) => myFeeds(context) })
