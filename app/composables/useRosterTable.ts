import { v7 as newKey } from 'uuid'
import type { RosterLine } from '~/files/importKinds'
import { useRosterStore } from '~/stores/roster'
import { blankAthlete, type useAthleteForm } from './useAthleteForm'
import { useChosenTable } from './useChosenTable'
import { useTakenIn } from './useTakenIn'

/** Athletes who come in as a table; what a table does not say is asked once for all of them (together). */
export function useRosterTable(together: ReturnType<typeof useAthleteForm>) {
  const roster = useRosterStore()
  const { busy, problem, said, last, take, undo } = useTakenIn(() => roster.load())
  const { file, choose, paste } = useChosenTable(problem)

  const takeIn = (lines: readonly RosterLine[]) => take(async () => {
    if (!together.checkDays()) return undefined
    const { available } = together.value.value
    const blank = { ...blankAthlete(), available, equipment: together.words.equipment }
    const added = await roster.importAll(lines.map(line => ({ id: newKey(), athlete: { ...blank, ...line } })))
    file.value = null
    return {
      text: `Taken in: ${added.length} athletes.`,
      undo: () => Promise.all(added.map(athlete => roster.archive(athlete, true))),
      undone: `${added.length} athletes are archived again.`,
    }
  })

  return { file, busy, problem, said, last, choose, paste, takeIn, undo }
}
