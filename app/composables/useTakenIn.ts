import { ref, shallowRef } from 'vue'
import { useAttempt } from './useAttempt'

/** What a table brought in, while it can be taken back. */
interface TakenIn {
  /** Said once it is taken in. */
  readonly text: string
  /** Null where there is nothing to take back. */
  readonly undo: (() => Promise<unknown>) | null
  /** Said once it is taken back. */
  readonly undone: string
}

/** Taking a table in, saying what came of it, and taking the last one back. (Load) reads anew what a page shows. */
export function useTakenIn(load: () => Promise<unknown>) {
  const { busy, problem, attempt } = useAttempt()
  const said = ref('')
  const last = shallowRef<TakenIn | null>(null)

  /** Does (work), and says what it brought in; undefined when it brought nothing. */
  async function take(work: () => Promise<TakenIn | undefined>): Promise<void> {
    if (busy.value) return
    said.value = ''
    await attempt(async () => {
      const taken = await work()
      if (!taken) return
      last.value = taken.undo ? taken : null
      said.value = taken.text
      await load()
    })
  }

  async function undo(): Promise<void> {
    const taken = last.value
    if (busy.value || !taken?.undo) return
    said.value = ''
    await attempt(async () => {
      await taken.undo!()
      last.value = null
      said.value = taken.undone
      await load()
    })
  }

  return { busy, problem, said, last, take, undo, attempt }
}
