import { randomUUID } from 'node:crypto'
import { getResponseStatus, setResponseHeader } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { closeRuntime, useRuntime } from '../utils/runtime'

/** Starts the runtime with the server, logs every request under an id, and closes the pool at the end. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  const { log, ready } = useRuntime()
  // A database that cannot be prepared leaves nothing to serve: stop, and let the log say why.
  ready.catch(() => setTimeout(() => process.exit(1), 100))

  nitro.hooks.hook('request', (event) => {
    event.context.requestId = randomUUID()
    event.context.startedAt = performance.now()
    setResponseHeader(event, 'x-request-id', event.context.requestId as string)
  })
  nitro.hooks.hook('afterResponse', (event) => {
    if (!event.path.startsWith('/api/')) return
    log.info({
      requestId: event.context.requestId as string,
      method: event.method,
      path: event.path.split('?')[0],
      status: getResponseStatus(event),
      ms: Math.round(performance.now() - (event.context.startedAt as number)),
    }, 'request')
  })
  nitro.hooks.hook('close', closeRuntime)
})
