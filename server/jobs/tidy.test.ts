import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { makeOrganisation, testDatabase } from '../testing/database'
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
