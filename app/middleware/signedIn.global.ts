import type { Me } from '~~/shared/types'
import { useSessionStore } from '~/stores/session'

/** Pages each kind of person starts on. */
const HOME = { athlete: '/today', staff: '/roster' } as const
const ATHLETE_PAGES = ['/today', '/run/', '/sign-in']

type Ask = (path: string) => Promise<{ me?: Me | null }>

/** Everybody signs in first; athletes see their own pages only. */
export default defineNuxtRouteMiddleware(async (to) => {
  const session = useSessionStore()
  if (!session.known) {
    // On the server the visitor's cookie has to be passed on.
    const ask = import.meta.server ? useRequestFetch() as unknown as Ask : $fetch as unknown as Ask
    session.remember((await ask('/api/session').catch(() => ({ me: null }))).me ?? null)
  }
  const { me } = session
  if (!me) return to.path === '/sign-in' ? undefined : navigateTo({ path: '/sign-in', query: to.path === '/' ? {} : { to: to.fullPath } })
  const home = me.role === 'athlete' ? HOME.athlete : HOME.staff
  if (to.path === '/' || to.path === '/sign-in') return navigateTo(home)
  if (me.role === 'athlete' && !ATHLETE_PAGES.some(page => to.path.startsWith(page))) return navigateTo(home)
})
