import { createEventStream, getRequestHeader } from 'h3'
import { AppError } from '~~/shared/errors'
import type { Told } from '~~/shared/types'
import { lookOn } from '../live'
import { maySee } from '../services/sight'
import { defineRoute } from '../utils/defineRoute'

/** A word now and then, so that nothing between here and there closes a silent line. */
const ALIVE_MS = 15_000
/** After so long the browser asks again: by then somebody may see others, or be signed out. */
const AGAIN_MS = 600_000

export default defineRoute('GET /api/live', {
  handle: async ({ event, context }) => {
    if (!getRequestHeader(event, 'accept')?.includes('text/event-stream'))
      throw new AppError('badInput', 'This is a line that stays open: ask for an event stream.')
    const sees = await maySee(context)
    const { organisationId } = context.actor
    const stream = createEventStream(event)
    const push = (name: string, data = ''): void => {
      void stream.push({ event: name, data }).catch(() => undefined)
    }
    const away = lookOn({
      line: there => push(there ? 'heard' : 'deaf'),
      told: ({ organisationId: of, topic, subject }) => {
        const told: Told = { topic, subject }
        if (of === organisationId && sees(told)) push('told', JSON.stringify(told))
      },
    })
    const alive = setInterval(() => push('alive'), ALIVE_MS)
    const end = setTimeout(() => void stream.close(), AGAIN_MS)
    stream.onClosed(async () => {
      away()
      clearInterval(alive)
      clearTimeout(end)
      await stream.close()
    })
    return stream.send()
  },
})
