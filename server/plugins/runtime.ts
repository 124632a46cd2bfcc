import { randomUUID } from 'node:crypto'
import { getResponseStatus, setResponseHeader } from 'h3'
import { defineNitroPlugin } from 'nitropack/runtime'
import { closeCalendars } from '../calendar'
import { closeInstruments, useInstruments } from '../instruments'
import { closeLive } from '../live'
import { closePool } from '../solver/pool'
import { loggedPath } from '../utils/loggedPath'
import { closeRuntime, useRuntime } from '../utils/runtime'

/** Headers of everything that leaves, pages and assets alike; pages get a content policy of their own on top. */
const HEADERS = {
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
  'cross-origin-resource-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-embedder-policy': 'require-corp',
  'x-frame-options': 'DENY',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=(), usb=()',
} as const
/** For answers that are not pages: nothing in them is to be run, but for workers and what they compile. */
const ASSET_POLICY =
  'default-src \'none\'; script-src \'self\' \'wasm-unsafe-eval\'; connect-src \'self\'; frame-ancestors \'none\''
const TWO_YEARS_S = 63_072_000
/** A page, and no file of one: what somebody signed in has seen is kept by no cache. */
const PAGE = /^\/(?!api\/|_nuxt\/)[^.]*$/

/** Starts the runtime with the server, logs every request under an id, and closes the pool at the end. */
export default defineNitroPlugin((nitro) => {
  if (import.meta.prerender) return
  const { log, ready, configuration } = useRuntime()
  // A database that cannot be prepared leaves nothing to serve: stop, and let the log say why.
  ready.catch(() => setTimeout(() => process.exit(1), 100))

  nitro.hooks.hook('request', (event) => {
    event.context.requestId = randomUUID()
    event.context.startedAt = performance.now()
    setResponseHeader(event, 'x-request-id', event.context.requestId as string)
    for (const [name, value] of Object.entries(HEADERS)) setResponseHeader(event, name, value)
    if (/^\/(api|_nuxt)\//.test(event.path)) setResponseHeader(event, 'content-security-policy', ASSET_POLICY)
    if (PAGE.test(event.path.split('?')[0]!)) setResponseHeader(event, 'cache-control', 'no-store')
    if (configuration.https)
      setResponseHeader(event, 'strict-transport-security', `max-age=${TWO_YEARS_S}; includeSubDomains`)
  })
  nitro.hooks.hook('afterResponse', (event) => {
    if (!event.path.startsWith('/api/')) return
    log.info({
      requestId: event.context.requestId as string,
      method: event.method,
      // Keys only: no address carries a name or an e-mail, and a calendar's secret is left out.
      path: loggedPath(event.path),
      status: getResponseStatus(event),
      ms: Math.round(performance.now() - (event.context.startedAt as number)),
    }, 'request')
  })
  // Opened with the server, so that a wrong setting stops it at once.
  useInstruments()
  nitro.hooks.hook('close', async () => {
    closeInstruments()
    await closeLive()
    await Promise.all([closePool(), closeCalendars()])
    await closeRuntime()
  })
})
