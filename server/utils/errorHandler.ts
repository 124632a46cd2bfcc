import { setResponseHeader, setResponseStatus, type H3Error, type H3Event } from 'h3'
import { toHttpFailure } from './httpErrors'

/** What fails before a route is reached (a broken address, a refused method) answers in the one error shape too. */
export default function errorHandler(error: H3Error, event: H3Event): void {
  if (!event.path.startsWith('/api') || event.handled) return
  const { status, body } = toHttpFailure(error)
  setResponseStatus(event, status)
  setResponseHeader(event, 'content-type', 'application/json')
  setResponseHeader(event, 'cache-control', 'no-store')
  event.node.res.end(JSON.stringify(body))
}
