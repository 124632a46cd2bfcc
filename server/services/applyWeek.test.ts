import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import type { AthleteInput } from '~~/shared/types'
import { applyWeek } from './applyWeek'
import { addAthlete } from './athletes'
import { anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-09'
const plank = {
  id: 'i1', variationId: 'side-plank.feet',
  dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
  slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
})
afterAll(() => base.drop())
const add = async (over: Partial<AthleteInput> = {}): Promise<string> => {
  const id = randomUUID()
  await addAthlete(head, id, anAthlete({ name: `Athlete ${id.slice(0, 4)}`, groupIds: [head.groupId], ...over }))
  await makeKnown(head, id)
  return id
}

describe('a week applied to others', () => {
  it('gives each the same intent on the own rung and says what changed', async () => {
    const strong = await add({ stands: ['front-plank.long-lever', 'side-plank.top-leg-raised'] })
    const weak = await add({ stands: ['front-plank.knees', 'side-plank.feet'] })
    const hurt = await add({ flags: ['chestPain'] })
    const item = { ...plank, variationId: 'front-plank.long-lever' }
    await storeWeek(head, strong, MONDAY, 0, {
      sessions: [{ id: 'd2', day: 2, minutes: 60, lifts: [], items: [item] }],
    })
    const applied = await applyWeek(head, strong, MONDAY, { itemIds: null, athleteIds: [weak, hurt, strong] })
    const byId = new Map(applied.map(a => [a.athleteId, a]))
    expect([byId.get(weak)!.placed, byId.get(hurt)!.placed, byId.has(strong)]).toEqual([1, 0, false])
    expect(byId.get(weak)!.notes[0]).toContain('the own rung')
    const { week } = await weekSheet(head, weak, MONDAY)
    const given = week.plan.sessions.find(s => s.day === 2)!.items[0]!
    expect([findVariation(given.variationId)!.ladder, findVariation(given.variationId)!.rung]).toEqual([
      'front-plank', 3,
    ])
    expect((await applyWeek(head, strong, MONDAY, { itemIds: ['i1'], athleteIds: [weak] }))[0]!.placed).toBe(0)
  })
})
