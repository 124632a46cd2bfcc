import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { asSystemOf, inOrganisation } from '../database/connection'
import { forgetRecord } from '../repositories/record'
import { makeOrganisation, testDatabase } from '../testing/database'
import { record } from './record'
import { brokenSeals, sealRecords } from './sealRecord'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let organisationId = ''
beforeAll(async () => { base = await testDatabase() })
afterAll(() => base.drop())
beforeEach(async () => {
  head = await makeOrganisation(base.db)
  organisationId = head.actor.organisationId
})
const write = (subjectId: string) => inOrganisation(base.db, head.actor, tx =>
  record(tx, head, 'group.add', { subjectId, after: { name: 'Ilse', n: 1.5, list: [null, 'a'] } }))
const own = async <T extends { organisationId: string }>(all: Promise<T[]>): Promise<T[]> =>
  (await all).filter(one => one.organisationId === organisationId)
/** As somebody who owns the machine and hides something. */
const meddle = async (statement: string): Promise<void> => {
  await base.owner.raw('alter table audit disable trigger audit_append_only')
  await base.owner.raw(`begin; select set_config('keen.organisation', '${organisationId}', true),
    set_config('keen.role', 'system', true); alter table audit no force row level security; ${statement};
    alter table audit force row level security; commit`)
  await base.owner.raw('alter table audit enable trigger audit_append_only')
}

describe('the record', () => {
  it('is sealed line by line, each seal over the one before, and nothing is sealed twice', async () => {
    for (const id of ['a', 'b']) await write(id)
    const [first] = await own(sealRecords(base.db))
    expect(await own(sealRecords(base.db))).toEqual([])
    await write('c')
    const [second] = await own(sealRecords(base.db))
    expect(second!.digest).not.toBe(first!.digest)
    expect(await own(brokenSeals(base.db))).toEqual([])
    expect(await base.owner('audit_seal').where({ organisation_id: organisationId }).orderBy('number')
      .select('number', 'lines')).toEqual([{ number: 1, lines: 2 }, { number: 2, lines: 1 }])
  })

  it.each([
    ['a line that was changed', 'update audit set subject_id = \'x\' where subject_id = \'a\'', /1 lines were changed/],
    ['a word in what it says', 'update audit set after = \'{"name": "Bram"}\' where subject_id = \'a\'', /changed/],
    ['a line that is gone', 'delete from audit where subject_id = \'b\'', /1 lines are there, 2 were sealed/],
    ['a seal that is gone', 'delete from audit_seal where number = 1', /before it is gone/],
    ['a seal that was made anew', 'update audit_seal set digest = \'x\' where number = 1', /does not follow/],
  ])('tells %s', async (_, statement, why) => {
    for (const id of ['a', 'b']) await write(id)
    await sealRecords(base.db)
    await write('c')
    await sealRecords(base.db)
    await meddle(`${statement} and organisation_id = '${organisationId}'`)
    expect(await own(brokenSeals(base.db))).toMatchObject([{ why: expect.stringMatching(why) }])
  })

  it('holds when a line is blanked for somebody who was erased, and not when one is blanked besides', async () => {
    await write('a')
    await sealRecords(base.db)
    const blank = (by: string) => inOrganisation(base.db, asSystemOf(organisationId), tx => tx.raw(by))
    await expect(blank(`update audit set before = null, after = null, blanked = true where subject_id = 'a'`)).rejects
      .toMatchObject({ code: '42501' })
    await expect(blank('select keen_forget(array[\'a\'], \'{}\')')).rejects.toMatchObject({ code: '42501' })
  })

  it('is forgotten by seals that are wholly before a time, and the chain holds', async () => {
    await write('a')
    await sealRecords(base.db)
    await new Promise(resolve => setTimeout(resolve, 5))
    await write('b')
    const now = new Date()
    await new Promise(resolve => setTimeout(resolve, 5))
    await write('c')
    await sealRecords(base.db)
    const said = () => base.owner('audit').where({ organisation_id: organisationId, action: 'group.add' })
      .orderBy('subject_id').pluck('subject_id')
    await inOrganisation(base.db, asSystemOf(organisationId), tx => forgetRecord(tx, now))
    // What is sealed together goes together: the second seal holds a line that is too young.
    expect(await said()).toEqual(['b', 'c'])
    expect(await own(brokenSeals(base.db))).toEqual([])
    await write('d')
    await sealRecords(base.db)
    expect(await own(brokenSeals(base.db))).toEqual([])
    await meddle(`delete from audit where subject_id = 'b'; update audit_seal set forgotten = true where number = 2
      and organisation_id = '${organisationId}'`)
    expect(await own(brokenSeals(base.db))).toMatchObject([{ number: 2, why: expect.stringMatching(/2 were sealed/) }])
    await expect(inOrganisation(base.db, head.actor, tx => forgetRecord(tx, now))).rejects
      .toMatchObject({ code: '42501' })
    await expect(inOrganisation(base.db, asSystemOf(organisationId), tx => tx('audit').delete())).rejects
      .toMatchObject({ code: '42501' })
  })

  it('is sealed by no person', async () => {
    await write(randomUUID())
    await expect(inOrganisation(base.db, head.actor, tx => tx.raw('select keen_seal_record()'))).rejects
      .toMatchObject({ code: '42501' })
    await expect(inOrganisation(base.db, head.actor, tx => tx.raw('select * from keen_check_record()'))).rejects
      .toMatchObject({ code: '42501' })
  })
})
