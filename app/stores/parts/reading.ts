import { messageOf, NoConnection } from '~~/shared/errors'
import { ref, watch } from 'vue'
import { Left } from '~/api/door'
import { shownSince } from '~/api/keptCall'

type ReadState = 'idle' | 'loading' | 'ready' | 'failed'

/** How often a reading that found no line is tried again; at once when the device says that it has one. */
const AGAIN_MS = 4000

/**
 * One reading from the server, as stores keep it. What was read stays in sight while it is read anew; a reading that
 * found no line fills by itself when the line returns.
 */
export function reading() {
  const state = ref<ReadState>('idle')
  const problem = ref('')
  let last: () => Promise<void> = () => Promise.resolve()
  let turn = 0

  /** @param afresh nothing of what is there is of use: it is another athlete's, say. */
  function read(work: () => Promise<void>, afresh = false): Promise<void> {
    last = work
    if (afresh || state.value !== 'ready') state.value = 'loading'
    return attempt(work)
  }

  async function attempt(work: () => Promise<void>): Promise<void> {
    const mine = ++turn
    try {
      await work()
      if (mine !== turn) return
      state.value = 'ready'
      // What this device remembered gives way to what the server says.
      if (shownSince.value !== null) whenTheServerAnswers(() => mine === turn && void attempt(work))
    }
    catch (error) {
      if (mine !== turn || error instanceof Left) return
      problem.value = messageOf(error)
      state.value = 'failed'
      // Behind the page: what it says stays until there is something else to say.
      if (error instanceof NoConnection) whenTheLineReturns(() => mine === turn && void attempt(work))
    }
  }

  /** The same once more. */
  const again = (): Promise<void> => read(last)

  return { state, problem, read, again }
}

function whenTheServerAnswers(then: () => void): void {
  const stop = watch(shownSince, (since) => {
    if (since !== null) return
    stop()
    then()
  }, { flush: 'sync' })
}

function whenTheLineReturns(then: () => void): void {
  if (typeof window === 'undefined') return
  const once = (): void => {
    clearTimeout(timer)
    removeEventListener('online', once)
    then()
  }
  const timer = setTimeout(once, AGAIN_MS)
  addEventListener('online', once)
}
