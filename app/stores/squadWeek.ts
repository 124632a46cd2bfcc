import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { liftsOnly, type WeekPlan } from '~~/core/programme'
import type { PlanRun, PlanRunInput } from '~~/shared/types'
import * as planning from '~/api/planning'
import { fetchWeek } from '~/api/weeks'

/** Weeks of several athletes at once, planned in the background. */
export const useSquadWeekStore = defineStore('squadWeek', () => {
  const run = shallowRef<PlanRun | null>(null)
  const latest = shallowRef<readonly PlanRun[]>([])
  const going = computed(() =>
    run.value?.lines.some(line => line.accepting || line.state === 'waiting' || line.state === 'working') ?? false
  )

  const keep = async (answer: Promise<PlanRun>): Promise<void> => { run.value = await answer }
  const start = (input: PlanRunInput): Promise<void> => keep(planning.startRun(input))
  const open = (id: string): Promise<void> => keep(planning.fetchPlanRun(id))
  const cancel = (): Promise<void> => keep(planning.cancelRun(run.value!.id))
  const retry = (): Promise<void> => keep(planning.retryRun(run.value!.id))
  const accept = (athleteIds: readonly string[] | null): Promise<void> =>
    keep(planning.acceptRun(run.value!.id, athleteIds))

  /** Looks how far the run is; one that was left meanwhile is not shown again. */
  async function look(): Promise<void> {
    const { id } = run.value!
    const fresh = await planning.fetchPlanRun(id)
    if (run.value?.id === id) run.value = fresh
  }

  async function loadLatest(): Promise<void> {
    latest.value = await planning.fetchRuns()
  }

  /** The lifts an athlete did in the week before a Monday, or in that week itself. */
  async function liftsOf(athleteId: string, monday: string): Promise<WeekPlan> {
    const sheet = await fetchWeek(athleteId, monday)
    const lifts = liftsOnly(sheet.previousPlan ?? sheet.week.plan)
    return { sessions: lifts.sessions.filter(session => session.lifts.length > 0) }
  }

  return { run, latest, going, start, open, cancel, retry, accept, look, loadLatest, liftsOf }
})
