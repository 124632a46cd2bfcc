/** What a thread beside the page is asked, and what it answers: by number, since answers may come in any order. */
export interface Asked<Ask> {
  readonly id: number
  readonly ask: Ask
}
type Answered<Answer> =
  | { readonly id: number, readonly answer: Answer }
  | { readonly id: number, readonly problem: string }

/** A thread that works while the page goes on; it is made when it is first needed. */
export function threadOf<Ask, Answer>(make: () => Worker) {
  let thread: Worker | null = null
  let asked = 0
  const waiting = new Map<number, (answer: Answered<Answer>) => void>()

  /** Makes the thread ahead, so that the first question does not wait for it. */
  function open(): Worker {
    if (thread) return thread
    thread = make()
    thread.addEventListener('message', ({ data }: MessageEvent<Answered<Answer>>) => {
      waiting.get(data.id)?.(data)
      waiting.delete(data.id)
    })
    return thread
  }

  /** @throws Error with what the core refuses. */
  async function ask(question: Ask): Promise<Answer> {
    const id = ++asked
    const found = await new Promise<Answered<Answer>>((resolve) => {
      waiting.set(id, resolve)
      // What a page watches cannot cross to a thread as it is.
      open().postMessage(JSON.parse(JSON.stringify({ id, ask: question } satisfies Asked<Ask>)))
    })
    if ('problem' in found) throw new Error(found.problem)
    return found.answer
  }
  return { ask, open }
}

/** In a thread: answers everything that it is asked. */
export function answerAll<Ask, Answer>(work: (ask: Ask) => Answer): void {
  addEventListener('message', ({ data: { id, ask } }: MessageEvent<Asked<Ask>>) => {
    const answer = (said: Answered<Answer>): void => postMessage(said)
    try {
      answer({ id, answer: work(ask) })
    }
    catch (error) {
      answer({ id, problem: error instanceof Error ? error.message : String(error) })
    }
  })
}
