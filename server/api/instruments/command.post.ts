import { AppError } from '~~/shared/errors'
import { instrumentCommandSchema } from '~~/shared/schemas'
import { useInstruments } from '../../instruments'
import { defineRoute } from '../../utils/defineRoute'

export default defineRoute('POST /api/instruments/command', {
  body: instrumentCommandSchema,
  handle: async ({ body }) => {
    const connection = useInstruments().get(body.name)
    if (!connection) throw new AppError('notFound', 'There is no such instrument here.')
    if (!connection.ask(body.command))
      throw new AppError('badInput', 'The instrument is not there, or cannot do this.', {
        command: 'The instrument is not there, or cannot do this.',
      })
    return { asked: true }
  },
})
