import { v7 as newKey } from 'uuid'
import { AppError } from '~~/shared/errors'
import type { CalendarFound, CalendarSource } from '~~/shared/types'
import { matchEntries, readInThread } from '../calendar'
import { entriesOf } from '../repositories/calendar'
import { listGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import { transaction, type Context } from './context'

/** How long a calendar's server may take, and how much it may say. */
const PATIENCE_MS = 8_000
const MOST_BYTES = 600_000

/** Reads a calendar file, CSV or address and says what is new, changed, the same or gone. Nothing is stored by it. */
export async function readSource(
  context: Context, { groupId, kind, text, url }: CalendarSource, hosts: readonly string[],
): Promise<CalendarFound> {
  const { organisationId } = context.actor
  if ((text === null) === (url === null))
    throw new AppError('badInput', 'Give a file or an address.', { text: 'Give a file or an address.' })
  const timeZone = await transaction(context, async (tx) => {
    if (!(await listGroups(tx, organisationId)).some(group => group.id === groupId))
      throw new AppError('notFound', 'There is no such group here.')
    return (await organisationById(tx, organisationId))!.timeZone
  })
  // Between two transactions: a stranger's server and a stranger's file take their time.
  const said = text ?? await fetchCalendar(url!, hosts)
  const read = await readInThread({ text: said, zone: timeZone, today: context.today })
  const source = url === null ? read.source : url
  return transaction(context, async tx =>
    matchEntries({ ...read, source }, await entriesOf(tx, organisationId, [groupId]), {
      groupId, kind, timeZone, newKey, today: context.today,
    }))
}

/**
 * Only addresses that the installation names are called: a coach's text must not reach into the network behind the
 * server.
 */
async function fetchCalendar(address: string, hosts: readonly string[]): Promise<string> {
  const url = new URL(address.replace(/^webcal:/, 'http:'))
  const wrong = (text: string): AppError => new AppError('badInput', text, { url: text })
  if (!hosts.includes(url.host))
    throw wrong(
      hosts.length === 0
        ? 'Addresses are switched off here; use a file.'
        : `Calendars are read from ${hosts.join(', ')} only; use a file for others.`,
    )
  try {
    const answer = await fetch(url, {
      redirect: 'error', signal: AbortSignal.timeout(PATIENCE_MS), headers: { accept: 'text/calendar, text/csv' },
    })
    if (!answer.ok) throw wrong(`The calendar’s server answered ${answer.status}.`)
    return await boundedText(answer, wrong)
  }
  catch (error) {
    if (error instanceof AppError) throw error
    throw wrong('The calendar’s server could not be reached.')
  }
}

async function boundedText(answer: Response, wrong: (text: string) => AppError): Promise<string> {
  const parts: Uint8Array[] = []
  let size = 0
  for await (const part of answer.body as unknown as AsyncIterable<Uint8Array>) {
    size += part.length
    if (size > MOST_BYTES) throw wrong('The calendar is too large.')
    parts.push(part)
  }
  return Buffer.concat(parts).toString('utf8')
}
