import { calendarSourceSchema } from '~~/shared/schemas'
import { readSource } from '../../services/readSource'
import { defineRoute } from '../../utils/defineRoute'
import { useRuntime } from '../../utils/runtime'

export default defineRoute('POST /api/calendar/read', {
  body: calendarSourceSchema,
  handle: ({ context, body }) => readSource(context, body, useRuntime().configuration.calendarHosts),
})
