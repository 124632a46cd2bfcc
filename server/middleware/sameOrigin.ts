import { defineEventHandler, getRequestHeader, getRequestHost, setResponseStatus } from 'h3'
import type { ErrorBody } from '~~/shared/errors'

/** Writes come from our own pages: a browser names its origin, and how near it is, on every unsafe request. */
export default defineEventHandler((event): ErrorBody | undefined => {
  if (['GET', 'HEAD', 'OPTIONS'].includes(event.method)) return undefined
  const origin = getRequestHeader(event, 'origin')
  const site = getRequestHeader(event, 'sec-fetch-site')
  const sameOrigin = !origin
    || hostOf(origin) === getRequestHost(event, { xForwardedHost: process.env.TRUST_PROXY === '1' })
  if (sameOrigin && (!site || site === 'same-origin' || site === 'none')) return undefined
  setResponseStatus(event, 403)
  return { code: 'notAllowed', message: 'This request comes from another site.' }
})

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null
}
