import type { Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import type { Tests } from '~~/core/assessment'
import type { Athlete } from '~~/shared/types'
import { isThere, toTrial, type TrialRow } from '~/files/importKinds'
import { useAssessmentStore } from '~/stores/assessment'
import { useSquadTrialsStore } from '~/stores/squadTrials'
import { useChosenTable } from './useChosenTable'
import { useTablesOut } from './useTablesOut'
import { useTakenIn } from './useTakenIn'

const MOST_TRIALS = 1500

/** Trials of (athletes and tests) that come in as a table, and both that go out as files. */
export function useTrialTable(athletes: Ref<readonly Athlete[]>, tests: Ref<Tests>) {
  const store = useAssessmentStore()
  const squad = useSquadTrialsStore()
  const { busy, problem, said, last, take, undo, attempt } = useTakenIn(() => squad.load())
  const { file, choose } = useChosenTable(problem)
  const out = useTablesOut(athletes, tests)

  const takeIn = (rows: TrialRow[]) => take(async () => {
    if (rows.length > MOST_TRIALS) throw new Error(`${MOST_TRIALS} rows at a time: split the file.`)
    const there = isThere(squad.squad.trials)
    const trials = rows.filter(row => !there(row)).map(row => ({ ...toTrial(row, newKey()), sure: true }))
    const over = rows.length - trials.length
    if (trials.length > 0) await store.sendTrials(trials)
    file.value = null
    return {
      text: `Taken in: ${trials.length} trials${over > 0 ? `; ${over} were here already and were passed over` : ''}.`,
      undo: trials.length > 0 ? () => store.withdrawTrials(trials.map(trial => trial.id)) : null,
      undone: `${trials.length} trials count no more.`,
    }
  })
  const write = (kind: 'tests' | 'roster', as: 'csv' | 'json') => attempt(() => out(kind, as))

  return { file, busy, problem, said, last, choose, takeIn, undo, write }
}
