import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { addPerson, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { addReportLink, readReport, reportLinks, revokeReport } from './reports'
import { athleteReview } from './review'
import { runSession } from './sessions'
import { tellSessionEffort } from './sessionEffort'

const SPAN = { from: '2026-03-02', to: '2026-03-08' }
let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
const one = nobody()
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  await giveSeason(coach, coach.groupId)
  await fillAthlete(coach, coach.groupId, one)
})
afterAll(() => base.drop())
const tokenOf = (url: string): string => url.split('/').at(-1)!

describe('a look back', () => {
  it('holds what was asked and done of the week, what ended sets, and how hard the session was', async () => {
    const { review, phases } = await athleteReview(coach, one.id, SPAN)
    expect(review.weeks[0]).toMatchObject({ startsOn: '2026-03-02', sets: { asked: 4, done: 2 }, adherence: 0.5 })
    expect(review.broke.map(({ what, total }) => [what, total])).toEqual([['pain', 1], ['trunk', 1]])
    expect(review.loads[0]).toMatchObject({ total: 300 })
    expect(review.capacities.sideLeft.at(-1)!.from.length).toBeGreaterThan(0)
    expect(phases).toEqual(['offSeason'])
  })

  it('ends after it begins, and is not of an athlete out of sight', async () => {
    await expect(athleteReview(coach, one.id, { from: '2026-03-08', to: '2026-03-02' })).rejects.toMatchObject({
      code: 'badInput',
    })
    const { context } = await addPerson(base.db, coach.actor.organisationId, 'coach', { groupIds: [] })
    await expect(athleteReview(context, one.id, SPAN)).rejects.toMatchObject({ code: 'notFound' })
  })
})

describe('how hard a session was', () => {
  it('is told once, and told again the last word counts', async () => {
    const { sessionId } = one
    expect(await tellSessionEffort(coach, sessionId, { effort: 7, minutes: 40 })).toMatchObject({ day: TODAY })
    expect((await athleteReview(coach, one.id, SPAN)).review.loads[0]!.total).toBe(280)
    expect((await runSession(coach, sessionId)).effort).toEqual({ day: TODAY, effort: 7, minutes: 40 })
    await expect(tellSessionEffort(coach, randomUUID(), { effort: 7, minutes: 40 })).rejects.toMatchObject({
      code: 'notFound',
    })
  })
})

describe('a link to a report', () => {
  const make = async (days = 14) =>
    addReportLink(coach, one.id, { id: randomUUID(), kind: 'staff', ...SPAN, days })

  it('is read without signing in, and its secret is kept nowhere', async () => {
    const { url, links } = await make()
    const report = await readReport(coach, tokenOf(url))
    expect(report).toMatchObject({ kind: 'staff', centre: 'Test centre', athlete: { id: one.id } })
    expect(report.review.weeks).toHaveLength(1)
    const { rows } = await base.owner.raw(`select to_jsonb(l)::text as whole from report_link l`)
    expect(rows.every((row: { whole: string }) => !row.whole.includes(tokenOf(url)))).toBe(true)
    expect(links[0]).toMatchObject({ revoked: false })
    expect((await reportLinks(coach, one.id)).links.find(link => link.id === links[0]!.id)!.readAt).not.toBeNull()
  })

  it('ends when it is revoked, when it expires, and when whoever made it has left', async () => {
    const revoked = await make()
    await revokeReport(coach, revoked.links[0]!.id)
    await expect(readReport(coach, tokenOf(revoked.url))).rejects.toMatchObject({ code: 'notFound' })
    const expired = await make()
    await base.owner('report_link').where({ id: expired.links[0]!.id }).update({ expires_at: '2020-01-01' })
    await expect(readReport(coach, tokenOf(expired.url))).rejects.toMatchObject({ code: 'notFound' })
    const { context: left } = await addPerson(base.db, coach.actor.organisationId, 'coach', {
      groupIds: [coach.groupId],
    })
    const theirs = await addReportLink(left, one.id, { id: randomUUID(), kind: 'athlete', ...SPAN, days: 3 })
    await readReport(coach, tokenOf(theirs.url))
    await base.owner('person').where({ id: left.actor.personId }).update({ closed_at: new Date() })
    await expect(readReport(coach, tokenOf(theirs.url))).rejects.toMatchObject({ code: 'notFound' })
    await expect(readReport(coach, 'x'.repeat(43))).rejects.toMatchObject({ code: 'notFound' })
  })
})
