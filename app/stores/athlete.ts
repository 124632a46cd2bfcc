import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Athlete, History, PainInput, Today } from '~~/shared/types'
import { sendPainDecision } from '~/api/assessment'
import * as athletes from '~/api/athletes'
import { messageOf } from '~/api/call'
import * as weeks from '~/api/weeks'

/** One athlete with what was planned and done. */
export const useAthleteStore = defineStore('athlete', () => {
  const athlete = shallowRef<Athlete | null>(null)
  const history = shallowRef<History | null>(null)
  const today = shallowRef<Today | null>(null)
  const state = ref<'idle' | 'loading' | 'ready' | 'failed'>('idle')
  const problem = ref('')

  async function attempt(work: () => Promise<void>): Promise<void> {
    state.value = 'loading'
    try {
      await work()
      state.value = 'ready'
    }
    catch (error) {
      problem.value = messageOf(error)
      state.value = 'failed'
    }
  }

  const load = (id: string): Promise<void> => attempt(async () => {
    athlete.value = await athletes.fetchAthlete(id)
  })

  /** The athlete's page: profile, planned against done since a day, and today's session. */
  const loadPage = (id: string, from: string): Promise<void> => attempt(async () => {
    ;[athlete.value, history.value, today.value] = await Promise.all([
      athletes.fetchAthlete(id), athletes.fetchHistory(id, from), athletes.fetchToday(id),
    ])
  })

  const loadToday = (id: string): Promise<void> => attempt(async () => {
    today.value = await athletes.fetchToday(id)
  })

  /** Who the athlete is now, behind the page: a line that is down leaves it as it is. */
  async function refresh(id: string): Promise<void> {
    const fresh = await athletes.fetchAthlete(id).catch(() => null)
    if (fresh && athlete.value?.id === id) athlete.value = fresh
  }
  async function decidePain(id: string, input: PainInput): Promise<void> {
    athlete.value = await sendPainDecision(id, input)
  }

  /** The day anew, behind the page: what is shown stays until it is there. */
  async function refreshToday(id: string): Promise<void> {
    const fresh = await athletes.fetchToday(id).catch(() => null)
    if (fresh) today.value = fresh
  }
  /** Puts the nearest drill in the place of a stopped one. */
  async function takeStandIn(itemId: string): Promise<void> {
    const now = today.value
    if (!now?.session) return
    const { session } = await weeks.takeStandIn(now.session.id, itemId)
    today.value = { ...now, session }
  }

  return {
    athlete, history, today, state, problem, load, loadPage, loadToday, refreshToday, takeStandIn, refresh, decidePain,
  }
})
