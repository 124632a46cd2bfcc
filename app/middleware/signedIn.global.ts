import type { SessionAnswer } from '~~/shared/types'
import { useSignInStore } from '~/stores/signIn'

/** Pages each kind of person starts on. */
const HOME = { athlete: '/today', staff: '/roster' } as const
/** Pages for people who are not signed in. */
const OPEN_PAGES = ['/sign-in', '/join', '/reset', '/forgot']
/** Where the first organisation is founded, while there is none. */
const FOUND = '/found'
/** Behind a secret address: for whoever has it. */
const SHARED = '/shared/'
const ATHLETE_PAGES = ['/today', '/run/', '/account', '/screening', '/brace', '/my-season', ...OPEN_PAGES]

type Ask = (path: string) => Promise<Partial<SessionAnswer>>

/** Learns who is there, from the server or else from this device. */
async function findOut(signedIn: ReturnType<typeof useSignInStore>): Promise<void> {
  // On the server the visitor's cookie has to be passed on.
  const ask = import.meta.server ? useRequestFetch() as unknown as Ask : $fetch as unknown as Ask
  const answer = await ask('/api/session').catch(() => null)
  if (answer) signedIn.remember({ ...answer, me: answer.me ?? null, csrf: answer.csrf ?? null })
  // A server that does not answer is not a person who is not signed in.
  else if (import.meta.server || !signedIn.recall()) throw createError({ statusCode: 503, fatal: true })
}

/** Everybody signs in first; athletes see their own pages only. */
export default defineNuxtRouteMiddleware(async (to) => {
  if (to.path.startsWith(SHARED)) return undefined
  const signedIn = useSignInStore()
  if (!signedIn.known) await findOut(signedIn)
  const { me } = signedIn
  if (!me && signedIn.founding) return to.path === FOUND ? undefined : navigateTo(FOUND)
  if (to.path === FOUND) return navigateTo('/')
  if (!me)
    return OPEN_PAGES.includes(to.path)
      ? undefined
      : navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
  const home = me.role === 'athlete' ? HOME.athlete : HOME.staff
  if (to.path === '/' || to.path === '/sign-in') return navigateTo(home)
  if (me.role === 'athlete' && !ATHLETE_PAGES.some(page => to.path.startsWith(page))) return navigateTo(home)
})
