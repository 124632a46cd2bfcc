import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { Athlete, History, PainInput, Today } from '~~/shared/types'
import { sendPainDecision } from '~/api/assessment'
import * as athletes from '~/api/athletes'
import * as weeks from '~/api/weeks'
import { reading } from './parts/reading'

/** One athlete with what was planned and done. */
export const useAthleteStore = defineStore('athlete', () => {
  const athlete = shallowRef<Athlete | null>(null)
  const history = shallowRef<History | null>(null)
  const today = shallowRef<Today | null>(null)
  /** Whose day it is: nobody is shown another one's while their own is read. */
  const todayOf = ref<string | null>(null)
  const { state, problem, read, again } = reading()

  const load = (id: string): Promise<void> => read(async () => {
    athlete.value = await athletes.fetchAthlete(id)
  }, true)

  /** The athlete's page: profile, planned against done since a day, and today's session. */
  const loadPage = (id: string, from: string): Promise<void> => read(async () => {
    ;[athlete.value, history.value, today.value] = await Promise.all([
      athletes.fetchAthlete(id), athletes.fetchHistory(id, from), athletes.fetchToday(id),
    ])
    todayOf.value = id
  }, true)

  /** What was planned and done since a day; null while there is no line. */
  const historyOf = (id: string, from: string): Promise<History | null> =>
    athletes.fetchHistory(id, from).catch(() => null)

  /** The day as the server draws it into the page: the phone shows it before it has run anything. */
  async function drawToday(id: string, ask: (path: string) => Promise<unknown>): Promise<void> {
    const found = await ask(`/api/athletes/${id}/today`).catch(() => null)
    if (!found) return
    today.value = found as Today
    todayOf.value = id
    state.value = 'ready'
  }
  const loadToday = (id: string): Promise<void> => read(async () => {
    today.value = await athletes.fetchToday(id)
    todayOf.value = id
    // The session opens without a line, wherever it is done.
    if (today.value.session) weeks.fetchRun(today.value.session.id).catch(() => undefined)
  }, todayOf.value !== id)

  /** Who the athlete is now, behind the page: a line that is down leaves it as it is. */
  async function refresh(id: string): Promise<void> {
    const fresh = await athletes.fetchAthlete(id).catch(() => null)
    if (fresh && athlete.value?.id === id) athlete.value = fresh
  }
  async function decidePain(id: string, input: PainInput): Promise<void> {
    athlete.value = await sendPainDecision(id, input)
  }

  /** The day anew, behind the page: what is shown stays until it is there, and the day of somebody else stays too. */
  async function refreshToday(id: string): Promise<void> {
    const fresh = await athletes.fetchToday(id).catch(() => null)
    if (!fresh || (todayOf.value ?? id) !== id) return
    today.value = fresh
    todayOf.value = id
  }
  /** Puts the nearest drill in the place of a stopped one. */
  async function takeStandIn(itemId: string): Promise<void> {
    const now = today.value
    if (!now?.session) return
    const { session } = await weeks.takeStandIn(now.session.id, itemId)
    today.value = { ...now, session }
  }

  return {
    athlete, history, today, todayOf, state, problem, again, historyOf, load, loadPage, loadToday, drawToday,
    refreshToday, takeStandIn, refresh, decidePain,
  }
})
