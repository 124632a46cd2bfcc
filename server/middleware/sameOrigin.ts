import { defineEventHandler, getRequestHeader, getRequestHost, setResponseStatus } from 'h3'
import type { ErrorBody } from '~~/shared/errors'

/** Writes come from our own pages: a browser names its origin on every unsafe request. */
export default defineEventHandler((event): ErrorBody | undefined => {
  if (['GET', 'HEAD', 'OPTIONS'].includes(event.method)) return undefined
  const origin = getRequestHeader(event, 'origin')
  if (!origin || hostOf(origin) === getRequestHost(event, { xForwardedHost: true })) return undefined
  setResponseStatus(event, 403)
  return { code: 'notAllowed', message: 'This request comes from another site.' }
})

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}
