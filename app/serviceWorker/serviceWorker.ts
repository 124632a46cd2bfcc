/// <reference lib="webworker" />
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { NetworkOnly } from 'workbox-strategies'
import { SHELL } from './shell'

/**
 * Lets pages open without a network: files of the build come from the device, and an address that the server does not
 * answer for is shown with a shell that holds nothing of anybody. Answers and pages of people are never kept here.
 */
declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: Parameters<typeof precacheAndRoute>[0] }

/** Longest a page waits for a line that hangs. */
const PATIENCE_S = 4
/** Answers of whatever stands in front of a server that is down. */
const DOWN = [502, 503, 504]

precacheAndRoute(self.__WB_MANIFEST)
cleanupOutdatedCaches()

const network = new NetworkOnly({ networkTimeoutSeconds: PATIENCE_S })

registerRoute(new NavigationRoute(async (asked) => {
  const answer = await network.handle(asked).catch(() => null)
  if (answer && !DOWN.includes(answer.status)) return answer
  return await matchPrecache(SHELL) ?? answer ?? Response.error()
}, { denylist: [/^\/api\//] }))

// A new version takes over when whoever is at work says so.
self.addEventListener('message', ({ data }) => {
  if ((data as { type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting()
})
