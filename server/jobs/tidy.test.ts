import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { addAthlete } from '../services/athletes'
import { sealRecords } from '../services/sealRecord'
import { anAthlete, makeOrganisation, testDatabase } from '../testing/database'
import { tidy } from './tidy'

const NOW = new Date('2027-03-04T03:17:00Z')
const daysAgo = (days: number): Date => new Date(NOW.getTime() - days * 86_400_000)
let base: Awaited<ReturnType<typeof testDatabase>>
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())

it('every night what nobody needs is forgotten, in every organisation, and the months ahead are made', async () => {
  const heads = [await makeOrganisation(base.db), await makeOrganisation(base.db)]
  for (const { actor: { organisationId, personId } } of heads) {
    const own = { organisation_id: organisationId, person_id: personId }
    for (const days of [5, 200]) {
      const at = daysAgo(days)
      await base.owner('mail').insert({
        ...own, id: randomUUID(), recipient: `${days}`, subject: '', body: '', created_at: at,
      })
      await base.owner('account_token').insert({
        ...own, id: randomUUID(), kind: 'reset', token_hash: randomUUID(), expires_at: at,
      })
      await base.owner('sign_in').insert({
        ...own, id: randomUUID(), session_version: 1, device: `${days}`, own: true, began_at: at, seen_at: at,
      })
      await base.owner('write_receipt').insert({
        ...own, write_id: randomUUID(), fingerprint: `${days}`, written_at: new Date(Date.now() - days * 86_400_000),
      })
    }
  }
  await base.owner('rate_limit').insert([
    { key: 'over', points: 1, expire: daysAgo(1).getTime() }, { key: 'counts', points: 1, expire: NOW.getTime() + 1 },
  ])
  await tidy(base.db, base.url, NOW)
  const left = async (table: string, column: string): Promise<string[]> => base.owner(table).pluck(column)
  expect(await left('mail', 'recipient')).toEqual(['5', '5'])
  expect(await left('account_token', 'kind')).toHaveLength(2)
  expect(await left('sign_in', 'device')).toEqual(['5', '5'])
  expect(await left('write_receipt', 'fingerprint')).toEqual(['5', '5'])
  expect(await left('rate_limit', 'key')).toEqual(['counts'])
  const { rows } = await base.owner.raw('select to_regclass(\'set_log_2028_12\') as there')
  expect(rows[0].there).toBe('set_log_2028_12')
  await tidy(base.db, base.url, NOW)
})

it('who is in the archive for six years is erased by a line that names nobody; old lines are forgotten', async () => {
  const head = await makeOrganisation(base.db)
  const { organisationId } = head.actor
  const line = { organisation_id: organisationId, role: 'headCoach', action: 'group.add' }
  await base.owner('audit').insert([7, 5].map(years =>
    ({ ...line, id: randomUUID(), at: daysAgo(years * 366), subject_id: `${years} years` })))
  await sealRecords(base.db)
  const [old, young, here] = [randomUUID(), randomUUID(), randomUUID()]
  for (const id of [old, young, here]) await addAthlete(head, id, anAthlete({ name: id }))
  const archive = (id: string, years: number): Promise<unknown> =>
    base.owner('athlete').where({ id }).update({ archived_at: daysAgo(years * 366) })
  await Promise.all([archive(old, 6), archive(young, 5)])
  await base.owner('audit').insert({ ...line, id: randomUUID(), at: daysAgo(366), subject_id: '1 year' })
  await tidy(base.db, base.url, NOW)
  expect(await base.owner('athlete').where({ organisation_id: organisationId }).pluck('id').then(ids => ids.sort()))
    .toEqual([young, here].sort())
  const said = await base.owner('audit').where({ organisation_id: organisationId, action: 'athlete.erase' })
  expect(said).toMatchObject([{ role: 'system', person_id: null, athlete_id: null, subject_id: null }])
  expect(JSON.stringify(await base.owner('audit').where({ organisation_id: organisationId }))).not.toContain(old)
  // Sealed together, forgotten together: the first seal holds a line of five years ago, too.
  const lines = (): Promise<string[]> => base.owner('audit')
    .where({ organisation_id: organisationId, action: 'group.add' }).orderBy('at').pluck('subject_id')
  expect(await lines()).toEqual(['7 years', '5 years', '1 year'])
  await tidy(base.db, base.url, new Date(NOW.getTime() + 2 * 366 * 86_400_000))
  expect(await lines()).toEqual(['1 year'])
})
