import { whenSessionEnds } from '~/api/call'
import { writes } from '~/api/writes'
import { useSignInStore } from '~/stores/signIn'

/** Ties the tab to whoever is signed in, and sends what waits as soon as there is a line. */
export default defineNuxtPlugin(async () => {
  const signedIn = useSignInStore()
  await signedIn.endOwed()
  if (signedIn.known) signedIn.begin()
  whenSessionEnds(() => { if (signedIn.me) signedIn.ended = true })
  addEventListener('online', () => void writes.drain())
})
