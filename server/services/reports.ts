import { createHash, randomBytes } from 'node:crypto'
import { AppError } from '~~/shared/errors'
import type { NewReportLink, ReportLink, ReportLinkInput, SharedReport } from '~~/shared/types'
import { asSystemOf, byLink, inOrganisation } from '../database/connection'
import { organisationById } from '../repositories/organisations'
import { personById } from '../repositories/people'
import {
  insertReportLink, markReportRead, reportLinkByHash, reportLinksOf, revokeReportLink,
} from '../repositories/reportLinks'
import { dayIn, mustSeeAthlete, transaction, writing, type Context } from './context'
import { record } from './record'
import { athleteReview } from './review'

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

export function reportLinks(context: Context, athleteId: string): Promise<{ links: ReportLink[] }> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    return { links: await reportLinksOf(tx, context.actor.organisationId, athleteId) }
  })
}

/** Makes a secret address that a report is read from, until it expires. It is shown this once. */
export function addReportLink(context: Context, athleteId: string, input: ReportLinkInput): Promise<NewReportLink> {
  const { organisationId } = context.actor
  // Not under the name of the write: its answer holds the secret, and answers are kept.
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    const token = randomBytes(32).toString('base64url')
    if (!await insertReportLink(tx, organisationId, athleteId, { ...input, tokenHash: hashOf(token) }))
      throw new AppError('alreadyExists', 'This link was made before. Make another one.')
    const { id, ...after } = input
    await record(tx, context, 'report.add', { athleteId, subjectId: id, after })
    return { links: await reportLinksOf(tx, organisationId, athleteId), url: `${context.publicUrl}/shared/${token}` }
  })
}

export function revokeReport(context: Context, id: string): Promise<{ links: ReportLink[] }> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const athleteId = await revokeReportLink(tx, organisationId, id)
    if (athleteId === null) throw new AppError('notFound', 'There is no such link here.')
    await record(tx, context, 'report.revoke', { athleteId, subjectId: id })
    return { links: await reportLinksOf(tx, organisationId, athleteId) }
  })
}

/**
 * The report behind a secret address, as whoever made it may see it now; the same answer for a wrong, a revoked and an
 * expired one.
 */
export async function readReport(
  base: Pick<Context, 'db' | 'queue' | 'publicUrl'>, token: string,
): Promise<SharedReport> {
  const gone = new AppError('notFound', 'There is no report at this address, or it has expired.')
  const hash = hashOf(token)
  const link = await byLink(base.db, hash, tx => reportLinkByHash(tx, hash))
  if (!link) throw gone
  const { organisationId, personId, athleteId, kind, from, to, expiresAt } = link
  const { person, centre } = await inOrganisation(base.db, asSystemOf(organisationId), async (tx) => {
    await markReportRead(tx, organisationId, link.id)
    const person = await personById(tx, organisationId, personId)
    return { person, centre: await organisationById(tx, organisationId) }
  })
  if (!person || person.closed || !centre) throw gone
  const review = await athleteReview({
    ...base, requestId: null, write: null, today: dayIn(centre.timeZone, new Date()),
    actor: { organisationId, personId, role: person.role, athleteId: null },
  }, athleteId, { from, to })
  return { ...review, kind, expiresAt, centre: centre.name }
}
