import { randomUUID } from 'node:crypto'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import type { Founding } from '~~/shared/types'
import { inOrganisation } from '../database/connection'
import { addGroup } from './groups'
import { beginning } from './beginning'
import type { Context } from './context'
import { found, mayFound, openFounding } from './founding'
import { whoIs } from './signedInOn'
import { signIn } from './signIn'
import { bareContext, makeOrganisation, signedInAs, testDatabase } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
beforeEach(async () => { base = await testDatabase() })
afterEach(() => base.drop())

const input = (code: string, over: Partial<Founding> = {}): Founding => ({
  code, organisationName: 'Outer Skerry Centre', timeZone: 'Atlantic/Faroe', units: { mass: 'lb', length: 'in' },
  name: 'Runa Tarn', email: 'runa@skerry.example', password: 'a long first password', ...over,
})

describe('an empty installation', () => {
  it('is founded once by whoever has the code, who is its head coach in the own units', async () => {
    const code = (await openFounding(base.db, null))!
    expect(code).toMatch(/^[2-9A-HJKMNP-TV-Z]{4}(-[2-9A-HJKMNP-TV-Z]{4}){2}$/)
    expect(await mayFound(base.db)).toBe(true)
    await expect(found(base.db, input('2222-2222-2222'), null)).rejects.toMatchObject({
      code: 'badInput', fields: { code: expect.stringContaining('not the code') },
    })
    const { id, organisationId } = await found(base.db, input(code.toLowerCase().replaceAll('-', ' ')), null)
    const person = await signIn(base.db, { email: 'runa@skerry.example', password: 'a long first password' })
    expect(person).toMatchObject({ id, organisationId, role: 'headCoach', units: { mass: 'lb', length: 'in' } })
    const now = new Date()
    expect(await whoIs(base.db, await signedInAs(base.db, person, now), now)).toMatchObject({
      me: { organisationName: 'Outer Skerry Centre', demo: false },
    })
    expect(await mayFound(base.db)).toBe(false)
    await expect(found(base.db, input(code), null)).rejects.toMatchObject({ code: 'alreadyExists' })
    expect(await openFounding(base.db, null)).toBeNull()
  })

  it('is founded by one of two that press at once, and leaves no half of the other', async () => {
    const code = (await openFounding(base.db, 'THE-OPERATORS-OWN'))!
    expect(code).toBe('THE-OPERATORS-OWN')
    const both = await Promise.allSettled(['a@skerry.example', 'b@skerry.example'].map(email =>
      found(base.db, input(code, { email }), null)))
    expect(both.map(one => one.status).sort()).toEqual(['fulfilled', 'rejected'])
    const { rows } = await base.owner.raw('select (select count(*)::int from organisation) as o, count(*)::int as p '
      + 'from person')
    expect(rows).toEqual([{ o: 1, p: 1 }])
  })

  it('counts the newest code only', async () => {
    const first = (await openFounding(base.db, null))!
    const second = (await openFounding(base.db, null))!
    await expect(found(base.db, input(first), null)).rejects.toMatchObject({ code: 'badInput' })
    await expect(found(base.db, input(second), null)).resolves.toMatchObject({ sessionVersion: 1 })
  })

  it('tells how far it has come', async () => {
    const { id, organisationId } = await found(base.db, input((await openFounding(base.db, null))!), null)
    const context: Context = {
      ...bareContext(base.db), actor: { organisationId, personId: id, role: 'headCoach', athleteId: null },
    }
    expect(await beginning(context)).toEqual({ groups: 0, equipment: 0, athletes: 0, weeks: 0, invited: 0 })
    await addGroup(context, { id: randomUUID(), name: 'Canoe' })
    expect(await beginning(context)).toMatchObject({ groups: 1 })
  })
})

it('an installation with an organisation has no code', async () => {
  const head = await makeOrganisation(base.db)
  expect([await mayFound(base.db), await openFounding(base.db, null)]).toEqual([false, null])
  const kept = await inOrganisation(base.db, head.actor, tx => tx('installation').select('founding_hash'))
  expect(kept).toEqual([{ founding_hash: null }])
})
