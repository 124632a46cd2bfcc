import { shallowRef } from 'vue'
import { NoConnection } from '~~/shared/errors'
import { answerOfToday, keepAnswer } from '~/device/answers'
import { callSince, whenAnswered } from './call'

/** Longest a page that this device knows waits for a line that hangs. */
const PATIENCE_MS = 4000

/** Since when what is shown may be older than what the server has; null while the server answers. */
export const shownSince = shallowRef<number | null>(null)
whenAnswered(() => { shownSince.value = null })

/**
 * Reads from the server, and keeps the answer on this device: without a line it answers as it did last, if that was
 * today. {@link shownSince} tells.
 *
 * @throws as `call`; NoConnection where nothing of today is kept.
 */
export async function keptCall<T>(path: string): Promise<T> {
  const asked = askAnew<T>(path)
  try {
    return await soonOr(asked, path)
  }
  catch (error) {
    if (!(error instanceof NoConnection)) throw error
    return await fromDevice<T>(path, error)
  }
}

/** The answer; one that this device has already is not sent again where it still holds. */
async function askAnew<T>(path: string): Promise<T> {
  const before = await answerOfToday(path)
  const found = await callSince<T>(path, before?.tag ?? null)
  const [answer, tag] = found ? [found.answer, found.tag] : [before!.answer as T, before!.tag!]
  void keepAnswer(path, answer, tag)
  return answer
}

/** The answer, however long it takes, unless the device has one to show meanwhile. */
async function soonOr<T>(asked: Promise<T>, path: string): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<null>((done) => { timer = setTimeout(() => done(null), PATIENCE_MS) })
  try {
    const first = await Promise.race([asked.then(answer => ({ answer })), late])
    if (first) return first.answer
    asked.catch(() => undefined)
    return await fromDevice<T>(path, new NoConnection()).catch(() => asked)
  }
  finally {
    clearTimeout(timer)
  }
}

async function fromDevice<T>(path: string, otherwise: Error): Promise<T> {
  const found = await answerOfToday(path)
  if (!found) throw otherwise
  shownSince.value = Math.min(shownSince.value ?? found.at, found.at)
  return found.answer as T
}
