import { AppError } from '~~/shared/errors'
import { ThreadPool, threadFile, TookTooLong } from '../threads/pool'
import { readText, type CalendarText } from './readText'
import type { CalendarToWrite } from './worker'
import { writeCalendar } from './writeCalendar'
import type { ReadCalendar } from './readEvent'

/** Threads: one that a hostile file keeps for its time leaves another. */
const THREADS = 2
const LIMIT_MS = 5_000
const TOO_LONG = 'This calendar takes too long to read: a rule in it repeats without an end, or it holds too much. '
  + 'Bring the events of one season only.'

type Pool = ThreadPool<CalendarText, ReadCalendar>
let pool: Pool | null = null

/** Threads that read calendars. */
export const calendarPool = (file: string, limitMs = LIMIT_MS): Pool => new ThreadPool(file, THREADS, limitMs)

/**
 * Reads a calendar beside the requests; in this thread where there is no build, as in tests.
 *
 * @throws AppError `badInput` where it takes longer than seconds
 */
export async function readInThread(asked: CalendarText, at: Pool | null = null): Promise<ReadCalendar> {
  const file = threadFile('calendar-worker.mjs')
  if (at === null && file === null) return readText(asked)
  try {
    return await (at ?? (pool ??= calendarPool(file!))).ask(asked)
  }
  catch (error) {
    if (error instanceof TookTooLong) throw new AppError('badInput', TOO_LONG, { text: TOO_LONG })
    throw error
  }
}

/** A thread that writes calendars: a hostile one that is read holds up nobody's own. */
const WRITE_MS = 60_000
let writer: ThreadPool<CalendarToWrite, string> | null = null

/** Writes a calendar beside the requests; in this thread where there is no build, as in tests. */
export async function writeInThread(asked: CalendarToWrite): Promise<string> {
  const file = threadFile('calendar-worker.mjs')
  if (file === null) return writeCalendar(asked.name, asked.events)
  return (writer ??= new ThreadPool(file, 1, WRITE_MS)).ask(asked)
}

export async function closeCalendars(): Promise<void> {
  await Promise.all([pool?.close(), writer?.close()])
  pool = writer = null
}
