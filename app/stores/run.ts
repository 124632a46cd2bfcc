import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { SessionRun, Swap } from '~~/shared/types'
import { fetchRun, fetchSwaps, swapDrill, takeStandIn, tellEffort } from '~/api/weeks'
import { reading } from './parts/reading'

/** The session that is being run. */
export const useRunStore = defineStore('run', () => {
  const run = shallowRef<SessionRun | null>(null)
  const { state, problem, read, again } = reading()

  const load = (sessionId: string): Promise<void> => read(async () => {
    run.value = await fetchRun(sessionId)
  }, true)

  /** The session anew, behind the page; a line that is down leaves it as it is. */
  async function refresh(): Promise<void> {
    const id = run.value?.session?.id
    const fresh = id ? await fetchRun(id).catch(() => null) : null
    if (fresh) run.value = fresh
  }
  async function takeIn(itemId: string): Promise<void> {
    const id = run.value?.session?.id
    if (id) run.value = await takeStandIn(id, itemId)
  }

  /** What may be done instead of a drill; none without a line. */
  async function swapsFor(itemId: string): Promise<Swap[]> {
    const id = run.value?.session?.id
    return id ? await fetchSwaps(id, itemId) : []
  }
  async function swap(itemId: string, variationId: string): Promise<void> {
    const id = run.value?.session?.id
    if (id) run.value = await swapDrill(id, itemId, variationId)
  }

  /** Said at once on the page; it is sent when the line is there. */
  function tell(effort: number, minutes: number): void {
    const now = run.value
    if (!now?.session) return
    run.value = { ...now, effort: { day: now.session.day, effort, minutes } }
    tellEffort(now.session.id, effort, minutes)
  }

  return { run, state, problem, again, load, refresh, takeIn, swapsFor, swap, tell }
})
