import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { OwnTest } from '~~/core/assessment'
import type { TrialInput } from '~~/shared/types'
import { logTrials, squadTrials } from './trials'
import { saveOwnTests, storedOwnTests } from './ownTests'
import { addAthlete } from './athletes'
import type { Context } from './context'
import { theRecord } from './theRecord'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let stranger: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  stranger = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())
const add = async (over = {}): Promise<string> =>
  (await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], ...over }))).id
const hop: OwnTest = {
  id: 'own.hop', name: 'Hop and hold', unit: 's', better: 'more', sides: 'each', action: null, setUp: 'One leg.',
  stop: 'It wobbles.', retired: false,
}

describe('tests of the organisation’s own', () => {
  it('are stored over the version that was read, and taken on the desk with their sides', async () => {
    expect(await saveOwnTests(coach, { version: 0, tests: [hop] })).toEqual({ version: 1, tests: [hop] })
    await expect(saveOwnTests(coach, { version: 0, tests: [] })).rejects.toMatchObject({
      code: 'changedElsewhere', current: { version: 1 },
    })
    await expect(saveOwnTests(coach, { version: 1, tests: [] })).rejects.toThrow('retire')
    expect((await storedOwnTests(stranger)).tests).toEqual([])
    const id = await add()
    const trial: TrialInput = {
      id: randomUUID(), athleteId: id, day: TODAY, performedAt: `${TODAY}T10:00:00.000Z`, test: 'own.hop', side: 'left',
      value: 12, breakPoint: 'balance', setting: {}, note: '',
    }
    await expect(logTrials(assistant, [{ ...trial, side: null }])).rejects.toThrow('which side')
    await expect(logTrials(assistant, [{ ...trial, test: 'own.nothing' }])).rejects.toThrow('no such test')
    await logTrials(assistant, [trial])
    expect((await squadTrials(coach)).trials.filter(t => t.test === 'own.hop')).toHaveLength(1)
    expect((await theRecord(coach, {})).some(line => line.action === 'tests.own')).toBe(true)
  })
})
