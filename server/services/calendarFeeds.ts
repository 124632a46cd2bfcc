import { createHash, randomBytes } from 'node:crypto'
import type { Knex } from 'knex'
import { AppError } from '~~/shared/errors'
import type { CalendarFeed, FeedInput, NewFeed } from '~~/shared/types'
import { writeInThread } from '../calendar'
import { asSystemOf, byLink, inOrganisation } from '../database/connection'
import { athleteById } from '../repositories/athletes'
import {
  feedByHash, feedsOf, insertFeed, markFeedRead, revokeFeed as revoke, squadsMark,
} from '../repositories/calendarFeeds'
import { listGroups } from '../repositories/groups'
import { organisationById } from '../repositories/organisations'
import { personById } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { transaction, writing, type Actor, type Context } from './context'
import { feedEvents } from './feedEvents'
import { record } from './record'

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

export function myFeeds(context: Context): Promise<CalendarFeed[]> {
  return transaction(context, tx => feedsOf(tx, context.actor.organisationId, context.actor.personId))
}

/** Makes a secret address that a calendar can read what its owner sees from. It is shown this once. */
export function addFeed(context: Context, input: FeedInput): Promise<NewFeed> {
  const { organisationId, personId } = context.actor
  // Not under the name of the write: its answer holds the secret, and answers are kept.
  return transaction(context, async (tx) => {
    const name = await subjectName(tx, context.actor, input)
    const token = randomBytes(32).toString('base64url')
    if (!await insertFeed(tx, organisationId, personId, { ...input, name, tokenHash: hashOf(token) }))
      throw new AppError('alreadyExists', 'This address was made before. Make another one.')
    await record(tx, context, 'feed.add', {
      subjectId: input.id, athleteId: input.scope === 'athlete' ? input.subjectId : null,
      after: { scope: input.scope, name },
    })
    return { feeds: await feedsOf(tx, organisationId, personId), url: `${context.publicUrl}/api/feeds/${token}` }
  })
}

/** What an address is for, if whoever asks may see it. */
async function subjectName(
  tx: Tx, { organisationId, role, athleteId }: Actor, { scope, subjectId }: FeedInput,
): Promise<string> {
  const none = new AppError('notFound', 'There is nothing of that here.')
  if (scope === 'coach') {
    if (role === 'athlete') throw new AppError('notAllowed', 'This calendar is for coaches.')
    return 'All squads'
  }
  if (!subjectId) throw none
  if (scope === 'athlete') {
    const athlete = role === 'athlete' && subjectId !== athleteId
      ? null
      : await athleteById(tx, organisationId, subjectId)
    if (!athlete) throw none
    return athlete.name
  }
  const group = (await listGroups(tx, organisationId)).find(one => one.id === subjectId)
  if (!group) throw none
  return group.name
}

export function revokeFeed(context: Context, id: string): Promise<CalendarFeed[]> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    if (!await revoke(tx, organisationId, personId, id))
      throw new AppError('notFound', 'There is no such address of yours.')
    await record(tx, context, 'feed.revoke', { subjectId: id })
    return feedsOf(tx, organisationId, personId)
  })
}

/**
 * The calendar behind a secret address, as its owner may see it now; the same answer for a wrong, a revoked and a
 * closed one.
 */
export async function readFeed(db: Knex, token: string, today: (timeZone: string) => string): Promise<string> {
  const gone = new AppError('notFound', 'There is no calendar at this address.')
  const hash = hashOf(token)
  const feed = await byLink(db, hash, tx => feedByHash(tx, hash))
  if (!feed || feed.revoked) throw gone
  const { organisationId } = feed
  const person = await inOrganisation(db, asSystemOf(organisationId), async (tx) => {
    await markFeedRead(tx, organisationId, feed.id)
    return personById(tx, organisationId, feed.personId)
  })
  if (!person || person.closed) throw gone
  const actor: Actor = { organisationId, personId: person.id, role: person.role, athleteId: person.athleteId }
  const found = await inOrganisation(db, actor, async (tx) => {
    const mark = feed.scope === 'athlete' ? null : await markOf(tx, organisationId, today)
    const known = kept.get(feed.id)
    if (mark !== null && known?.mark === mark) return known
    return { mark, events: await feedEvents(tx, organisationId, feed, today) }
  })
  if ('text' in found) return found.text
  if (!found.events) throw gone
  const text = await writeInThread({ name: `Keen Anchor: ${feed.name}`, events: found.events })
  if (found.mark !== null) keepFeed(feed.id, { mark: found.mark, text })
  return text
}

/** Calendars of squads as they were written last: many devices ask for them every few minutes. */
const kept = new Map<string, { readonly mark: string, readonly text: string }>()
const MOST_KEPT = 200

function keepFeed(id: string, one: { readonly mark: string, readonly text: string }): void {
  kept.delete(id)
  kept.set(id, one)
  const [oldest] = kept.keys()
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest)
}

/** What the calendar of a squad is made of: all that is in sight, and the day it is told on. */
async function markOf(tx: Tx, organisationId: string, today: (timeZone: string) => string): Promise<string> {
  const { timeZone } = (await organisationById(tx, organisationId))!
  return `${today(timeZone)}/${await squadsMark(tx, organisationId)}`
}
