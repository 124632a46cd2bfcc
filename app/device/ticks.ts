/**
 * Calls every so many milliseconds until it is ended, from a thread of its own: browsers let the intervals of a page in
 * the background come once a second or once a minute, those of its threads as before (common practice, no source).
 */
export function ticks(call: () => void, everyMs: number): () => void {
  let interval: ReturnType<typeof setInterval> | undefined
  const onPage = (): void => {
    interval = setInterval(call, everyMs)
  }
  const thread = typeof Worker === 'undefined'
    ? null
    : new Worker(new URL('./ticksThread.ts', import.meta.url), { type: 'module' })
  if (thread) {
    thread.addEventListener('message', () => {
      try {
        call()
      }
      finally {
        thread.postMessage(everyMs)
      }
    })
    thread.addEventListener('error', onPage, { once: true })
    thread.postMessage(everyMs)
  }
  else onPage()
  return () => {
    thread?.terminate()
    clearInterval(interval)
  }
}
