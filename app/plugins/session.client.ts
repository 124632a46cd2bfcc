import { useEventListener } from '@vueuse/core'
import { whenSessionEnds } from '~/api/call'
import { writes } from '~/api/writes'
import { useSessionStore } from '~/stores/session'

/** Ties the tab to whoever is signed in, and sends what waits as soon as there is a line. */
export default defineNuxtPlugin(() => {
  const session = useSessionStore()
  if (session.known) session.begin()
  whenSessionEnds(() => { if (session.me) session.ended = true })
  useEventListener('online', () => void writes.drain())
})
