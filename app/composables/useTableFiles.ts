import { ref, shallowRef, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import type { Tests } from '~~/core/assessment'
import type { Athlete } from '~~/shared/types'
import { isThere, toTrial, type RosterLine, type TrialRow } from '~/files/importKinds'
import { useAssessmentStore } from '~/stores/assessment'
import { useRosterStore } from '~/stores/roster'
import { blankAthlete, type useAthleteForm } from './useAthleteForm'
import { useAttempt } from './useAttempt'
import { useChosenTable, type TableKind } from './useChosenTable'
import { useTablesOut } from './useTablesOut'

const MOST_TRIALS = 1500

/**
 * Tables of (athletes and tests) carried in and out as files; what a roster does not say is asked once (together), and
 * what was taken in last can be taken back. (Load) reads anew what a page shows.
 */
export function useTableFiles(
  athletes: Ref<readonly Athlete[]>, tests: Ref<Tests>, together: ReturnType<typeof useAthleteForm>,
  load: () => Promise<unknown>,
) {
  const roster = useRosterStore()
  const store = useAssessmentStore()
  const { busy, problem, attempt: attemptOne } = useAttempt()
  const { file, choose, paste } = useChosenTable(problem)
  const out = useTablesOut(athletes, tests)
  const said = ref('')
  /** The last import, while it can be taken back. */
  const last = shallowRef<{ text: string, undo: () => Promise<unknown> } | null>(null)

  async function attempt(work: () => Promise<unknown>): Promise<void> {
    if (busy.value) return
    said.value = ''
    await attemptOne(work)
  }

  const takeTests = (rows: TrialRow[]) =>
    attempt(async () => {
      if (rows.length > MOST_TRIALS) throw new Error(`${MOST_TRIALS} rows at a time: split the file.`)
      const there = isThere(store.squad.trials)
      const trials = rows.filter(row => !there(row)).map(row => ({ ...toTrial(row, newKey()), sure: true }))
      const over = rows.length - trials.length
      if (trials.length > 0) {
        await store.sendTrials(trials)
        last.value = { text: `${trials.length} trials`, undo: () => store.withdrawTrials(trials.map(t => t.id)) }
      }
      file.value = null
      const passed = over > 0 ? `; ${over} were here already and were passed over` : ''
      said.value = `Taken in: ${trials.length} trials${passed}.`
      await store.loadSquad()
    })
  const takeRoster = (lines: RosterLine[]) =>
    attempt(async () => {
      if (!together.checkDays()) return
      const { available } = together.value.value
      const blank = { ...blankAthlete(), available, equipment: together.words.equipment }
      const added = await roster.importAll(lines.map(line => ({ id: newKey(), athlete: { ...blank, ...line } })))
      file.value = null
      last.value = {
        text: `${added.length} athletes`,
        undo: () => Promise.all(added.map(athlete => roster.archive(athlete, true))),
      }
      said.value = `Taken in: ${added.length} athletes.`
      await load()
    })
  const undo = () =>
    attempt(async () => {
      const { text, undo: back } = last.value!
      await back()
      last.value = null
      said.value = text.endsWith('athletes') ? `${text} are archived again.` : `${text} count no more.`
      await load()
    })

  const write = (kind: TableKind, as: 'csv' | 'json') => attempt(() => out(kind, as))

  return { file, busy, problem, said, last, choose, paste, takeTests, takeRoster, undo, write }
}
