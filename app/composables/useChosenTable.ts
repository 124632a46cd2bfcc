import { shallowRef, type Ref } from 'vue'
import { messageOf } from '~~/shared/errors'
import { readTable, type TableFile } from '~/files/tableFile'

const MOST_BYTES = 900_000

/** The table that a person chose from their files or pasted; one that cannot be read is a (problem). */
export function useChosenTable(problem: Ref<string>) {
  const file = shallowRef<{ name: string, table: TableFile } | null>(null)

  async function choose(event: Event): Promise<void> {
    const input = event.target as HTMLInputElement
    const chosen = input.files?.[0]
    if (!chosen) return
    problem.value = ''
    try {
      if (chosen.size > MOST_BYTES) throw new Error('This file is too large: 900 kB at most.')
      file.value = { name: chosen.name, table: await readTable(await chosen.text()) }
    }
    catch (error) {
      file.value = null
      problem.value = messageOf(error)
    }
    // The same file may be chosen again once it is mended.
    input.value = ''
  }

  /** The same from what was copied out of a spreadsheet. */
  async function paste(text: string): Promise<void> {
    problem.value = ''
    try {
      if (text.length > MOST_BYTES) throw new Error('This is too much at once: 900 kB at most.')
      file.value = { name: 'The pasted table', table: await readTable(text) }
    }
    catch (error) {
      problem.value = messageOf(error)
    }
  }

  return { file, choose, paste }
}
