import { ref } from 'vue'
import { AppError } from '~~/shared/errors'

/**
 * Work that a person waits for, one piece at a time: whether it goes on, and what went wrong, beside its field or above
 * all.
 */
export function useAttempt() {
  const busy = ref(false)
  const problem = ref('')
  const fields = ref<Readonly<Record<string, string>>>({})

  /** Does it unless something else is still going on; true when it is done. */
  async function attempt(work: () => Promise<unknown>): Promise<boolean> {
    if (busy.value) return false
    busy.value = true
    problem.value = ''
    fields.value = {}
    try {
      await work()
      return true
    }
    catch (error) {
      fields.value = error instanceof AppError ? error.fields ?? {} : {}
      problem.value = error instanceof Error ? error.message : 'Something went wrong.'
      return false
    }
    finally {
      busy.value = false
    }
  }

  return { busy, problem, fields, attempt }
}
