import type { Ref } from 'vue'
import type { Tests } from '~~/core/assessment'
import type { Athlete } from '~~/shared/types'
import { rosterTable, trialTable, withoutHealth } from '~/files/importKinds'
import { saveAsFile } from '~/files/saveAsFile'
import { writeTable } from '~/files/tableFile'
import { useSquadTrialsStore } from '~/stores/squadTrials'
import { useRosterStore } from '~/stores/roster'

/** Saves (athletes, or their trials of tests) as a file. */
export function useTablesOut(athletes: Ref<readonly Athlete[]>, tests: Ref<Tests>) {
  const roster = useRosterStore()
  const store = useSquadTrialsStore()
  return async (kind: 'tests' | 'roster', as: 'csv' | 'json'): Promise<void> => {
    const name = `keen-anchor-${kind}.${as}`
    if (as === 'json') {
      const all = kind === 'tests' ? store.squad.trials : athletes.value.map(withoutHealth)
      return saveAsFile(name, JSON.stringify(all, null, 2), 'application/json')
    }
    const rows = kind === 'tests'
      ? trialTable(store.squad.trials.filter(t => t.test in tests.value), athletes.value, tests.value)
      : rosterTable(athletes.value.filter(a => !a.archived), roster.groups)
    saveAsFile(name, await writeTable(rows), 'text/csv')
  }
}
