import { defineStore } from 'pinia'
import { ref } from 'vue'
import { liftsOnly, type PlannedSession, type WeekPlan } from '~~/core/programme'
import type { BulkProposal } from '~~/shared/types'
import { messageOf } from '~/api/call'
import * as weeks from '~/api/weeks'

/** One line of a squad's proposal and what became of it. */
export interface SquadResult extends BulkProposal {
  readonly assigned: boolean
  readonly problem: string
}

/** The week of several athletes at once. */
export const useSquadWeekStore = defineStore('squadWeek', () => {
  const results = ref<SquadResult[]>([])
  const startsOn = ref('')

  async function propose(
    athleteIds: readonly string[], monday: string, sessions: readonly PlannedSession[], replace: boolean,
  ): Promise<void> {
    const answer = await weeks.proposeForMany({ athleteIds, startsOn: monday, sessions, replace })
    results.value = answer.map(result => ({ ...result, assigned: false, problem: '' }))
    startsOn.value = monday
  }

  /** Assigns every proposed week that is not assigned yet; one that fails does not hold up the others. */
  async function assignAll(monday: string): Promise<void> {
    for (const result of results.value) {
      if (result.outcome !== 'proposed' || result.assigned) continue
      const { assigned, problem } = await weeks.assignWeek(result.athleteId, startsOn.value || monday, result.version)
        .then(() => ({ assigned: true, problem: '' }), (error: unknown) => ({ assigned: false, problem: messageOf(error) }))
      results.value = results.value.map(r => (r.athleteId === result.athleteId ? { ...r, assigned, problem } : r))
    }
  }

  /** The lifts an athlete did in the week before a Monday, or in that week itself. */
  async function liftsOf(athleteId: string, monday: string): Promise<WeekPlan> {
    const sheet = await weeks.fetchWeek(athleteId, monday)
    const lifts = liftsOnly(sheet.previousPlan ?? sheet.week.plan)
    return { sessions: lifts.sessions.filter(session => session.lifts.length > 0) }
  }

  return { results, startsOn, propose, assignAll, liftsOf }
})
