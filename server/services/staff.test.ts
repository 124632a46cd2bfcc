import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { whoIs } from './signedInOn'
import { changeStaff, staff } from './staff'
import { addPerson, makeOrganisation, signedInAs, testDatabase } from '../testing/database'

const NOW = new Date('2026-03-04T12:00:00Z')
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
})
afterAll(() => base.drop())

describe('staff', () => {
  it('changes under a version, ends sessions, and a head coach cannot shut themselves out', async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'assistant')
    const id = context.actor.personId
    const { organisationId } = head.actor
    const before = await signedInAs(base.db, { organisationId, id, sessionVersion: 1 }, NOW)
    expect(await whoIs(base.db, before, NOW)).not.toBeNull()
    const [member] = (await staff(head)).filter(m => m.id === id)
    await changeStaff(head, id, { version: member!.version, role: 'coach', groupIds: [head.groupId], closed: false })
    await expect(changeStaff(head, id, { version: member!.version, role: 'coach', groupIds: [], closed: true })).rejects
      .toMatchObject({ code: 'changedElsewhere' })
    expect(await whoIs(base.db, before, NOW)).toBeNull()
    await expect(changeStaff(head, head.actor.personId, { version: 1, role: 'coach', groupIds: [], closed: false }))
      .rejects.toMatchObject({ code: 'badInput' })
    await expect(changeStaff(stranger, id, { version: 2, role: 'coach', groupIds: [], closed: false })).rejects
      .toMatchObject({ code: 'notFound' })
  })
})
