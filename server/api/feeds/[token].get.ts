import { getRouterParam, setResponseHeader } from 'h3'
import { AppError } from '~~/shared/errors'
import { readFeed } from '../../services/calendarFeeds'
import { dayIn } from '../../services/context'
import { defineOpenRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'

/** A secret as it is made: 32 random bytes. Some calendars want a file's ending. */
const SECRET = /^([\w-]{43})(\.ics)?$/

export default defineOpenRoute('GET /api/feeds/:token', async (event) => {
  const token = SECRET.exec(getRouterParam(event, 'token') ?? '')?.[1]
  if (!token) throw new AppError('notFound', 'There is no calendar at this address.')
  const text = await readFeed(useRuntime().db, token, timeZone => dayIn(timeZone, new Date()))
  setResponseHeader(event, 'content-type', 'text/calendar; charset=utf-8')
  return text
})
