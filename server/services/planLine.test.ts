import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DomainError } from '~~/core/errors'
import { NO_RULES } from '~~/core/policy'
import type { PlannedSession } from '~~/core/programme'
import type { AthleteInput, PlanRunInput } from '~~/shared/types'
import { highsSolver } from '~~/solver/highs'
import { answerWeek, TookTooLong } from '../solver'
import { acceptLine } from './acceptLine'
import { addAthlete } from './athletes'
import type { Context } from './context'
import { addGroup } from './groups'
import { planLine, type PlanOne } from './planLine'
import { changeRules } from './planningRules'
import { acceptRun, retryRun, startRun, stopRun, theRun, theRuns } from './planRuns'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase } from '../testing/database'
import { storeWeek, weekSheet } from './weeks'

const MONDAY = '2026-03-09'
const lifts: PlannedSession = {
  id: 'd1', day: 1, minutes: 75, items: [],
  lifts: [{ id: 'l', lift: 'deadlift', sets: 3, reps: 5, percent1Rm: 80 }],
}
const plank = {
  id: 'i1', variationId: 'side-plank.feet',
  dose: { sets: 2, amount: 10, unit: 'seconds' as const, restS: 5 },
  slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: 'Test.',
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
const assign = (runId: string, athleteId: string) =>
  acceptLine(base.db, { organisationId: head.actor.organisationId, runId, athleteId }, new Date('2026-03-04T12:00:00Z'))
async function addCoach() {
  const { context } = await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [head.groupId] })
  return { context, id: context.actor.personId! }
}
const lineOf = async (runId: string, athleteId: string) =>
  (await theRun(head, runId)).lines.find(line => line.athleteId === athleteId)!

describe('a run over a roster', () => {
  it('plans each athlete, keeps what a coach has made and gives nothing under a red flag', async () => {
    const ids = [await add(), await add({ flags: ['nightPain'] }), await add()]
    await storeWeek(head, ids[2]!, MONDAY, 0, {
      sessions: [{ id: 'd2', day: 2, minutes: 60, lifts: [], items: [plank] }],
    })
    const run = await ask(ids)
    expect(run.lines.map(line => line.state)).toEqual(['waiting', 'waiting', 'waiting'])
    for (const id of ids) await work(run.id, id)
    const weeks = await Promise.all(ids.map(async id => (await lineOf(run.id, id)).weeks[0]!))
    expect(weeks.map(w => w.outcome)).toEqual(['proposed', 'refused', 'kept'])
    expect([weeks[0]!.drills > 2, weeks[0]!.proof!.proven]).toEqual([true, true])
    expect((await weekSheet(head, ids[0]!, MONDAY)).week.plan.sessions.map(s => s.day)).toEqual([0, 1, 2])
    expect((await theRuns(head)).map(r => r.id)).toContain(run.id)
  })

  it('plans several weeks in order, each from the one before', async () => {
    const id = await add()
    await changeRules(head, {
      scope: 'athlete', scopeId: id, version: 0,
      rules: { ...NO_RULES, blocks: [{ startsOn: MONDAY, phase: null, loads: [1, 1, 0.5] }] },
    })
    const run = await ask([id], { weeks: 3 })
    const before: number[] = []
    await work(run.id, id, (request) => {
      before.push(request.before?.sessions.flatMap(s => s.items).length ?? 0)
      return plan(request)
    })
    const { weeks } = await lineOf(run.id, id)
    expect(weeks.map(w => w.startsOn)).toEqual([MONDAY, '2026-03-16', '2026-03-23'])
    expect([before[0], before[1], before[2]]).toEqual([0, weeks[0]!.drills, weeks[1]!.drills])
    const drills = await Promise.all(
      [MONDAY, '2026-03-16'].map(async day =>
        new Set((await weekSheet(head, id, day)).week.plan.sessions.flatMap(s => s.items.map(i => i.variationId)))
      ),
    )
    expect([...drills[0]!].filter(d => drills[1]!.has(d)).length).toBeGreaterThanOrEqual(Math.ceil(drills[0]!.size / 2))
    expect(weeks[2]!.trunkMinutes).toBeLessThan(weeks[1]!.trunkMinutes)
  })

  it('goes on where a killed worker left off and stores no week twice', async () => {
    const id = await add()
    const run = await ask([id], { weeks: 2 })
    let calls = 0
    const dies: PlanOne = (request) => {
      calls += 1
      return calls === 2 ? Promise.reject(new Error('killed')) : plan(request)
    }
    await expect(work(run.id, id, dies)).rejects.toThrow('killed')
    expect(await lineOf(run.id, id)).toMatchObject({ state: 'working', weeks: [{ startsOn: MONDAY, version: 1 }] })
    await work(run.id, id)
    expect(await lineOf(run.id, id)).toMatchObject({
      state: 'done', attempts: 2, weeks: [{ version: 1 }, { version: 1 }],
    })
    await work(run.id, id)
    expect((await weekSheet(head, id, MONDAY)).week.version).toBe(1)
  })

  it('worked on by two at once stores each week once', async () => {
    const id = await add()
    const run = await ask([id], { weeks: 2 })
    await Promise.allSettled([work(run.id, id), work(run.id, id), work(run.id, id)])
    const line = await lineOf(run.id, id)
    expect([line.state, line.weeks.map(w => w.startsOn)]).toEqual(['done', [MONDAY, '2026-03-16']])
    expect((await weekSheet(head, id, MONDAY)).week.version).toBe(1)
  })

  it('that is cancelled plans nothing more, and is taken up again on demand', async () => {
    const ids = [await add(), await add()]
    const run = await ask(ids)
    await work(run.id, ids[0]!)
    const stopped = await stopRun(head, run.id)
    expect(stopped.lines.map(l => l.state).sort()).toEqual(['cancelled', 'done'])
    await work(run.id, ids[1]!)
    expect((await lineOf(run.id, ids[1]!)).weeks).toEqual([])
    expect((await retryRun(head, run.id)).lines.map(l => l.state).sort()).toEqual(['done', 'waiting'])
    await work(run.id, ids[1]!)
    expect((await lineOf(run.id, ids[1]!)).state).toBe('done')
  })

  it('cancelled in the middle of a line stops before its next week', async () => {
    const id = await add()
    const run = await ask([id], { weeks: 3 })
    await work(run.id, id, async (request) => {
      const answer = await plan(request)
      await stopRun(head, run.id)
      return answer
    })
    expect(await lineOf(run.id, id)).toMatchObject({ state: 'cancelled', weeks: [{ startsOn: MONDAY }] })
  })

  it('tells what cannot be planned and gives up a line that ends its worker again and again', async () => {
    const ids = [await add(), await add()]
    const run = await ask(ids)
    await work(run.id, ids[0]!, () => Promise.reject(new DomainError('percent1Rm', 'A load is out of range.')))
    expect(await lineOf(run.id, ids[0]!)).toMatchObject({ state: 'failed', problem: 'A load is out of range.' })
    for (let i = 0; i < 4; i++)
      await work(run.id, ids[1]!, () => Promise.reject(new Error('gone'))).catch(() => undefined)
    await work(run.id, ids[1]!)
    expect(await lineOf(run.id, ids[1]!)).toMatchObject({
      state: 'failed', problem: expect.stringContaining('given up') as string,
    })
  })

  it('leaves a week that a coach changes meanwhile as the coach made it', async () => {
    const id = await add()
    const run = await ask([id])
    await work(run.id, id, async (request) => {
      await storeWeek(head, id, MONDAY, 0, { sessions: [] })
      return plan(request)
    })
    expect(await lineOf(run.id, id)).toMatchObject({
      state: 'failed', problem: expect.stringContaining('changed meanwhile') as string,
    })
    expect((await weekSheet(head, id, MONDAY)).week.plan.sessions).toEqual([])
  })

  it('is accepted as a whole, once, and says which weeks were changed since', async () => {
    const ids = [await add(), await add()]
    const run = await ask(ids)
    for (const id of ids) await work(run.id, id)
    await storeWeek(head, ids[1]!, MONDAY, 1, { sessions: [] })
    const onTheWay = await acceptRun(head, run.id, null)
    expect(onTheWay.lines.map(line => line.accepting)).toEqual([true, true])
    for (const id of ids) await assign(run.id, id)
    const accepted = await theRun(head, run.id)
    expect(accepted.lines.every(line => !line.accepting)).toBe(true)
    const byId = new Map(accepted.lines.map(l => [l.athleteId, l]))
    expect([byId.get(ids[0]!)!.weeks[0]!.assigned, byId.get(ids[1]!)!.weeks[0]!.assigned]).toEqual([true, false])
    expect(byId.get(ids[1]!)!.problem).toContain('changed meanwhile')
    expect((await weekSheet(head, ids[0]!, MONDAY)).week.status).toBe('assigned')
    expect((await acceptRun(head, run.id, [ids[0]!])).lines.some(line => line.accepting)).toBe(false)
  })

  it('is accepted week by week: one that was changed holds up no other, and work that is cut off goes on', async () => {
    const id = await add()
    const run = await ask([id], { weeks: 3 })
    await work(run.id, id)
    await storeWeek(head, id, '2026-03-16', 1, { sessions: [] })
    await acceptRun(head, run.id, null)
    await Promise.all([assign(run.id, id), assign(run.id, id)])
    await assign(run.id, id)
    const line = await lineOf(run.id, id)
    expect(line.weeks.map(week => week.assigned)).toEqual([true, false, true])
    expect([line.accepting, line.problem]).toEqual([false, expect.stringContaining('changed meanwhile')])
  })

  it('is not assigned for somebody who plans here no longer', async () => {
    const { context: coach, id: person } = await addCoach()
    const id = await add()
    const run = await ask([id])
    await work(run.id, id)
    await acceptRun(coach, run.id, null)
    await base.owner('person').where({ id: person }).update({ closed_at: new Date() })
    await assign(run.id, id)
    expect(await lineOf(run.id, id)).toMatchObject({
      accepting: false, problem: 'Whoever accepted it plans here no longer.', weeks: [{ assigned: false }],
    })
  })

  it('shows a coach only athletes in sight', async () => {
    const outside = randomUUID()
    await addGroup(head, { id: outside, name: `Far ${outside.slice(0, 4)}` })
    const [mine, far] = [await add(), await add({ groupIds: [outside] })]
    const { context: coach } = await addPerson(base.db, head.actor.organisationId, 'coach', {
      groupIds: [head.groupId],
    })
    const run = await ask([mine, far])
    expect((await theRun(coach, run.id)).lines.map(l => l.athleteId)).toEqual([mine])
    await expect(
      startRun(coach, {
        id: randomUUID(), athleteIds: [far], startsOn: MONDAY, weeks: 1, sessions: [], replace: false,
      }),
    ).rejects.toMatchObject({ code: 'notFound' })
  })

  it('is not started twice under one key', async () => {
    const id = await add()
    const input: PlanRunInput = {
      id: randomUUID(), athleteIds: [id], startsOn: MONDAY, weeks: 1, sessions: [], replace: false,
    }
    expect((await startRun(head, input)).lines.length).toBe(1)
    expect((await startRun(head, input)).lines.length).toBe(1)
  })
})

describe('whoever asked', () => {
  const coachOf = async () => {
    const { context } = await addPerson(base.db, head.actor.organisationId, 'coach', { groupIds: [head.groupId] })
    return context
  }
  const asks = async (context: Context, athleteId: string, weeks = 1): Promise<string> => {
    const id = randomUUID()
    await startRun(context, { id, athleteIds: [athleteId], startsOn: MONDAY, weeks, sessions: [lifts], replace: false })
    return id
  }
  const dismiss = (context: Context) =>
    base.owner('person').where({ id: context.actor.personId }).update({ closed_at: base.owner.fn.now() })

  it('and was dismissed has nothing planned any more, from the next week on', async () => {
    const [context, athleteId] = [await coachOf(), await add()]
    const runId = await asks(context, athleteId, 3)
    let planned = 0
    await work(runId, athleteId, async (request) => {
      planned += 1
      await dismiss(context)
      return plan(request)
    })
    expect(planned).toBe(1)
    expect(await lineOf(runId, athleteId)).toMatchObject({
      state: 'cancelled', problem: 'Whoever asked for it plans here no longer.', weeks: [{ startsOn: MONDAY }],
    })
    await work(runId, athleteId)
    expect((await lineOf(runId, athleteId)).weeks).toHaveLength(1)
  })

  it('stops it, or a head coach does, and nobody else', async () => {
    const [one, other, athleteId] = [await coachOf(), await coachOf(), await add()]
    const runId = await asks(one, athleteId)
    await expect(stopRun(other, runId)).rejects.toMatchObject({ code: 'notAllowed' })
    expect((await stopRun(one, runId)).cancelled).toBe(true)
    await expect(retryRun(other, runId)).rejects.toMatchObject({ code: 'notAllowed' })
    expect((await retryRun(head, runId)).cancelled).toBe(false)
    expect((await stopRun(head, runId)).cancelled).toBe(true)
  })

  it('is told at once of a week that took too long, and it is not begun again', async () => {
    const athleteId = await add()
    const run = await ask([athleteId])
    await work(run.id, athleteId, () => Promise.reject(new TookTooLong('This took too long and was given up.')))
    const { state, problem } = await lineOf(run.id, athleteId)
    expect([state, problem]).toEqual(['failed', 'This took too long and was given up.'])
  })
})
