import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LADDERS, STANDARD, standOn, standsUpTo } from '~~/core/catalogue'
import type { DecisionInput, DecisionRow, SetLogInput } from '~~/shared/types'
import { asSystemOf, inOrganisation } from '../database/connection'
import { addPerson, anAthlete, makeKnown, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { assignWeek } from './assignWeek'
import { addAthlete, archiveAthlete, getAthlete } from './athletes'
import type { Context } from './context'
import { decideAll, decisionTray, undoDecision } from './decisions'
import { addGroup } from './groups'
import { logSets } from './logSets'
import { theRuns } from './planRuns'
import { athleteToday, runSession } from './sessions'
import { settledFor } from './settled'
import { storeWeek } from './weeks'

const DRILL = 'press-out.standing'
const ABOVE = 'press-out.standing-hold'
const { gate } = STANDARD.find(DRILL)!
const NEXT_MONDAY = '2026-03-09'

let base: Awaited<ReturnType<typeof testDatabase>>
let coach: Awaited<ReturnType<typeof makeOrganisation>>
let assistant: Context
beforeAll(async () => {
  base = await testDatabase()
  coach = await makeOrganisation(base.db)
  assistant = (await addPerson(base.db, coach.actor.organisationId, 'assistant', { groupIds: [coach.groupId] })).context
})
afterAll(() => base.drop())

/** An athlete who did the press-out at its gate in three sessions up to today. */
async function atTheGate(over: Partial<SetLogInput> = {}): Promise<string> {
  const stands = standOn(LADDERS.flatMap(l => standsUpTo(l, 3)), DRILL, STANDARD)
  const added = await addAthlete(coach, randomUUID(), anAthlete({ groupIds: [coach.groupId], stands, massKg: 80 }))
  const id = await makeKnown(coach, added.id)
  const dose = { sets: gate.sets, amount: gate.amount, unit: 'reps' as const, tempo: '3-0-3-0', restS: 45 }
  for (const [monday, days] of [['2026-02-23', [2]], ['2026-03-02', [0, 2]]] as const) {
    await storeWeek(coach, id, monday, 0, {
      sessions: days.map(day => ({
        id: `d${day}`, day, minutes: 60, lifts: [],
        items: [{
          id: `i${day}`, variationId: DRILL, dose, slot: 'after' as const, pairedWith: null, extraSetSide: null,
          setting: { bandN: 100 }, why: '',
        }],
      })),
    })
    await assignWeek(coach, id, monday, 1)
  }
  for (const day of ['2026-02-25', '2026-03-02', TODAY]) {
    const prescribedItemId = await itemOn(id, day)
    const aSet = (side: 'left' | 'right', n: number): SetLogInput => ({
      ...clean(prescribedItemId, day), side, setNumber: n + 1, ...day === TODAY ? over : {},
    })
    await logSets(coach, (['left', 'right'] as const).flatMap(side =>
      Array.from({ length: gate.sets }, (_, n) => aSet(side, n))))
  }
  return id
}

const clean = (prescribedItemId: string, day: string): SetLogInput => ({
  id: randomUUID(), prescribedItemId, day, performedAt: `${day}T10:00:00.000Z`, setNumber: 1, side: 'left',
  amount: gate.amount, breakPoint: 'none', setting: { bandN: 100 }, feltAt: [], effort: 7, painAt: null, note: '',
})
/** The drill as it was prescribed for a day. */
async function itemOn(athleteId: string, day: string): Promise<string> {
  const { rows: [item] } = await base.owner.raw(
    `select i.id from prescribed_item i join prescribed_session s on s.id = i.session_id
    where s.athlete_id = ? and s.day = ? and i.withdrawn_at is null`, [athleteId, day],
  )
  return item.id
}

const rowOf = async (who: Context, athleteId: string): Promise<DecisionRow> =>
  (await decisionTray(who)).rows.find(row => row.athlete.id === athleteId)!
const asked = ({ athlete, decision, evidenceDay }: DecisionRow, over: Partial<DecisionInput> = {}): DecisionInput => ({
  id: randomUUID(), athleteId: athlete.id, branch: decision.branch, kind: decision.kind, evidenceDay, way: null,
  reason: '', ...over,
})
const settled = async (id: string) => {
  const athlete = await getAthlete(coach, id)
  const { organisationId } = coach.actor
  return inOrganisation(base.db, asSystemOf(organisationId), tx =>
    settledFor(tx, organisationId, athlete, NEXT_MONDAY))
}

describe('a decision', () => {
  it('moves the athlete up, says what is given next, has weeks planned anew and tells the athlete', async () => {
    const id = await atTheGate()
    const row = await rowOf(coach, id)
    expect(row).toMatchObject({ evidenceDay: TODAY, proposed: null })
    expect(row.decision).toMatchObject({ kind: 'up', to: { variationId: ABOVE } })
    const input = asked(row)
    const { outcomes, taken } = await decideAll(coach, [input])
    expect(outcomes).toEqual([{ id: input.id, done: true, problem: '' }])
    expect(await rowOf(coach, id)).toBeUndefined()
    expect(taken[0]).toMatchObject({ athleteId: id, taken: 'up', undoable: true })
    expect((await getAthlete(coach, id)).stands).toContain(ABOVE)
    expect((await settled(id)).decided).toMatchObject({ [DRILL]: null, [ABOVE]: { firm: true } })
    expect((await theRuns(coach))[0]).toMatchObject({ startsOn: '2026-03-02', weeks: 4 })
    expect((await athleteToday(coach, id)).decided).toEqual([expect.stringMatching(/^You move up: /)])
    // Sent once more it changes nothing; another word comes too late.
    expect((await decideAll(coach, [input])).outcomes[0]).toMatchObject({ done: true })
    expect((await decideAll(coach, [asked(row)])).outcomes[0]).toMatchObject({ done: false })
  })

  it('is taken by one of two coaches who press at once, and the other is told', async () => {
    const id = await atTheGate()
    const row = await rowOf(coach, id)
    const answers = await Promise.all([decideAll(coach, [asked(row)]), decideAll(coach, [asked(row)])])
    expect(answers.map(one => one.outcomes[0]!.done).sort()).toEqual([false, true])
    expect(answers.flatMap(one => one.outcomes).find(one => !one.done)!.problem).not.toBe('')
  })

  it('is taken back within the week, and asked for again', async () => {
    const id = await atTheGate()
    const input = asked(await rowOf(coach, id))
    await decideAll(coach, [input])
    const { taken } = await undoDecision(coach, input.id)
    expect(taken.some(one => one.id === input.id)).toBe(false)
    expect((await rowOf(coach, id)).decision.kind).toBe('up')
    expect((await getAthlete(coach, id)).stands).toContain(DRILL)
    expect((await settled(id)).decided).toEqual({})
    await expect(undoDecision(coach, input.id)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('is asked for in the squad at hand, and not of who is in the archive', async () => {
    const id = await atTheGate()
    const groups = async (group: string): Promise<string[]> =>
      (await decisionTray(coach, { group })).rows.map(row => row.athlete.id)
    expect(await groups(coach.groupId)).toContain(id)
    const elsewhere = { id: randomUUID(), name: `Elsewhere ${id}` }
    await addGroup(coach, elsewhere)
    expect(await groups(elsewhere.id)).toEqual([])
    await archiveAthlete(coach, id, (await getAthlete(coach, id)).version, true)
    expect(await groups(coach.groupId)).not.toContain(id)
  })

  it('otherwise wants a reason, which the next proposal says', async () => {
    const id = await atTheGate()
    const row = await rowOf(coach, id)
    const stay = row.decision.others.findIndex(way => way.kind === 'stay')
    expect((await decideAll(coach, [asked(row, { way: stay })])).outcomes[0]).toMatchObject({
      done: false, problem: expect.stringContaining('Say why'),
    })
    expect((await decideAll(coach, [asked(row, { way: stay, reason: 'Elbows bend.' })])).outcomes[0]!.done).toBe(true)
    expect((await getAthlete(coach, id)).stands).toContain(DRILL)
    expect((await settled(id)).decided[DRILL]).toMatchObject({ dose: { amount: gate.amount }, firm: false })
    const next = { ...coach, today: '2026-03-05' }
    await logSets(next, [clean(await itemOn(id, TODAY), '2026-03-05')])
    expect((await rowOf(next, id)).decision.doubts.join(' ')).toContain('Elbows bend.')
  })

  it('of an assistant is a proposal that a coach sees', async () => {
    const id = await atTheGate()
    const row = await rowOf(assistant, id)
    const stay = row.decision.others.findIndex(way => way.kind === 'stay')
    await decideAll(assistant, [asked(row, { way: stay, reason: 'Tired today.' })])
    expect((await getAthlete(coach, id)).stands).toContain(DRILL)
    expect((await settled(id)).decided).toEqual({})
    expect((await rowOf(coach, id)).proposed).toMatchObject({ kind: 'stay', reason: 'Tired today.' })
  })

  it('after pain leaves the drill out, and is not simply taken back', async () => {
    const id = await atTheGate({ painAt: 'lowBack', breakPoint: 'pain' })
    const row = await rowOf(coach, id)
    // Both sides hurt in one session: twice running.
    expect(row.decision.kind).toBe('refer')
    const input = asked(row)
    expect((await decideAll(coach, [input])).outcomes[0]!.done).toBe(true)
    const { health } = await getAthlete(coach, id)
    expect(health.pain[0]).toMatchObject({ variationId: DRILL, state: 'locked' })
    expect((await settled(id)).decided).toEqual({ [DRILL]: null })
    await expect(undoDecision(coach, input.id)).rejects.toMatchObject({ code: 'badInput' })
    const { session } = await athleteToday(coach, id)
    expect((await runSession(coach, session!.id)).session!.items[0]!.stopped).not.toBeNull()
  })
})
