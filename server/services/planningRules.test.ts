import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import { NO_RULES } from '~~/core/policy'
import type { PlannedSession } from '~~/core/programme'
import type { AthleteInput, PlanRunInput } from '~~/shared/types'
import { highsSolver } from '~~/solver/highs'
import { answerWeek } from '../solver'
import { addAthlete } from './athletes'
import { planLine, type PlanOne } from './planLine'
import { allRules, changeRules } from './planningRules'
import { startRun } from './planRuns'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { weekSheet } from './weeks'

const MONDAY = '2026-03-09'
const lifts: PlannedSession = {
  id: 'd1', day: 1, minutes: 75, items: [],
  lifts: [{ id: 'l', lift: 'deadlift', sets: 3, reps: 5, percent1Rm: 80 }],
}
let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
let plan: PlanOne
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  const solver = await highsSolver()
  plan = request => Promise.resolve(answerWeek(request, solver))
})
afterAll(() => base.drop())
const add = async (over: Partial<AthleteInput> = {}): Promise<string> => {
  const id = randomUUID()
  await addAthlete(head, id, anAthlete({ name: `Athlete ${id.slice(0, 4)}`, groupIds: [head.groupId], ...over }))
  await makeKnown(head, id)
  return id
}
const ask = async (athleteIds: readonly string[], over: Partial<PlanRunInput> = {}) =>
  startRun(head, {
    id: randomUUID(), athleteIds, startsOn: MONDAY, weeks: 1, sessions: [lifts], replace: false, ...over,
  })
const work = (runId: string, athleteId: string, how: PlanOne = plan) =>
  planLine(base.db, { organisationId: head.actor.organisationId, runId, athleteId }, how)

describe('rules of planning', () => {
  const rules = { ...NO_RULES, school: 'highTension' as const }

  it('are settled over the version that was read', async () => {
    const change = { scope: 'group' as const, scopeId: head.groupId, version: 0, rules }
    expect((await changeRules(head, change)).find(r => r.scope === 'group')).toMatchObject({
      version: 1, name: 'Squad', rules,
    })
    await expect(changeRules(head, change)).rejects.toMatchObject({ code: 'changedElsewhere' })
    expect(
      (await changeRules(head, { ...change, version: 1, rules: NO_RULES })).find(r => r.scope === 'group')!.rules
        .school,
    ).toBeNull()
  })

  it('for everybody are the head coach’s; a coach settles groups and athletes in sight', async () => {
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [head.groupId],
    })
    const { context: strange } = await addPerson(base.db, head.actor.organisationId, 'coach')
    const id = await add()
    await expect(changeRules(coach, { scope: 'organisation', scopeId: 'all', version: 0, rules })).rejects
      .toMatchObject({ code: 'notAllowed' })
    await expect(changeRules(coach, { scope: 'phase', scopeId: 'taper', version: 0, rules })).rejects.toMatchObject({
      code: 'notAllowed',
    })
    await expect(changeRules(strange, { scope: 'athlete', scopeId: id, version: 0, rules })).rejects.toMatchObject({
      code: 'notFound',
    })
    await expect(changeRules(strange, { scope: 'group', scopeId: head.groupId, version: 0, rules })).rejects
      .toMatchObject({ code: 'notFound' })
    expect((await changeRules(coach, { scope: 'athlete', scopeId: id, version: 0, rules })).map(r => r.scopeId))
      .toContain(id)
    expect((await allRules(strange)).map(r => r.scopeId)).not.toContain(id)
    await expect(changeRules(head, { scope: 'phase', scopeId: 'holiday', version: 0, rules })).rejects.toMatchObject({
      code: 'badInput',
    })
  })

  it('reach the week sheet and the plan', async () => {
    const id = await add()
    await changeRules(head, {
      scope: 'athlete', scopeId: id, version: 0,
      rules: { ...NO_RULES, never: ['front-plank.elbows'], lines: { flexion: 'off' } },
    })
    const { settled } = await weekSheet(head, id, MONDAY)
    expect(settled.layers.find(l => l.scope === 'athlete')!.rules.never).toEqual(['front-plank.elbows'])
    const run = await ask([id])
    await work(run.id, id)
    const given = (await weekSheet(head, id, MONDAY)).week.plan.sessions.flatMap(s => s.items.map(i => i.variationId))
    expect(given).not.toContain('front-plank.elbows')
    expect(given.filter(g => g.startsWith('flexion.') && findVariation(g)!.mode !== 'isometric')).toEqual([])
  })
})
