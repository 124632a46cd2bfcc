import { createEventStream } from 'h3'
import { AppError } from '~~/shared/errors'
import { instrumentQuerySchema } from '~~/shared/schemas'
import { useInstruments } from '../../instruments'
import { defineRoute } from '../../utils/defineRoute'

/** A word now and then, so that nothing between here and there closes a silent line. */
const ALIVE_MS = 15_000

export default defineRoute('GET /api/instruments/stream', {
  query: instrumentQuerySchema,
  handle: async ({ event, query }) => {
    const connection = useInstruments().get(query.name)
    if (!connection) throw new AppError('notFound', 'There is no such instrument here.')
    const stream = createEventStream(event)
    const unwatch = connection.watch(said => void stream.push(JSON.stringify(said)))
    const alive = setInterval(() => void stream.push({ event: 'alive', data: '' }), ALIVE_MS)
    stream.onClosed(async () => {
      unwatch()
      clearInterval(alive)
      await stream.close()
    })
    return stream.send()
  },
})
