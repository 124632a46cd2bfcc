import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { checked, floorBoardSchema } from '~~/shared/schemas'
import { addPerson, anAthlete, makeOrganisation, testDatabase, TODAY } from '../testing/database'
import { aBoardOf, fillAthlete, giveSeason, nobody } from '../testing/fullAthlete'
import { eraseAthlete } from './erasure'
import { floorDay } from './floor'
import { floorBoard, keepFloorBoard } from './floorBoard'
import { addGroup } from './groups'
import { theRecord } from './theRecord'

let base: Awaited<ReturnType<typeof testDatabase>>
let head: Awaited<ReturnType<typeof makeOrganisation>>
const [inside, outside] = [nobody(), nobody()]
const other = { id: randomUUID(), name: 'Other squad' }
beforeAll(async () => {
  base = await testDatabase()
  head = await makeOrganisation(base.db)
  await addGroup(head, other)
  for (const [one, groupId] of [[inside, head.groupId], [outside, other.id]] as const) {
    await giveSeason(head, groupId, groupId)
    await fillAthlete(head, groupId, one)
  }
})
afterAll(() => base.drop())

describe('the floor of a squad', () => {
  it('holds everybody of it who trains today, with what is logged, and what is in the gym', async () => {
    const { day, runs, known, counts } = await floorDay(head, head.groupId)
    expect([day, runs.map(run => run.athleteId)]).toEqual([TODAY, [inside.id]])
    expect(runs[0]).toMatchObject({ session: { id: inside.sessionId }, stop: null, logs: [{ side: 'left' }, {}] })
    // The sets of today make nothing known.
    expect([known, counts]).toEqual([{ [inside.id]: [] }, {}])
  })

  it('of another organisation, or of a squad out of sight, is none', async () => {
    const far = await makeOrganisation(base.db)
    await expect(floorDay(far, head.groupId)).rejects.toMatchObject({ code: 'notFound' })
    const { organisationId } = head.actor
    const { context: coach } = await addPerson(base.db, organisationId, 'coach', { groupIds: [other.id] })
    expect((await floorDay(coach, other.id)).runs.map(run => run.athleteId)).toEqual([outside.id])
    await expect(floorDay(coach, head.groupId)).rejects.toMatchObject({ code: 'notFound' })
  })
})

describe('the board of a floor', () => {
  const device = randomUUID()

  it('is kept as it runs, goes on elsewhere only when somebody says so, and the record tells who had it', async () => {
    await keepFloorBoard(head, head.groupId, aBoardOf([inside.id], { device }))
    const { board } = await floorDay(head, head.groupId)
    expect(board).toMatchObject({ device, floor: { turn: 1 } })
    const other = aBoardOf([inside.id], { takeOver: false })
    await expect(keepFloorBoard(head, head.groupId, other)).rejects.toMatchObject({
      code: 'changedElsewhere', current: { device },
    })
    await keepFloorBoard(head, head.groupId, { ...other, takeOver: true })
    expect((await floorBoard(head, head.groupId)).board!.device).toBe(other.device)
    const lines = (await theRecord(head, {})).filter(line => line.action === 'floor.run')
    expect(lines[0]).toMatchObject({ subjectId: head.groupId, after: { device: other.device } })
  })

  it('of yesterday is not kept', async () => {
    await keepFloorBoard(head, head.groupId, aBoardOf([inside.id], { day: '2026-03-01' }))
    await keepFloorBoard(head, head.groupId, aBoardOf([inside.id], { device }))
    const rows = await base.owner('floor_board').where({ group_id: head.groupId })
    expect(rows).toHaveLength(1)
  })

  it('that cannot be a room is refused, and so is a squad out of sight', async () => {
    const board = aBoardOf([inside.id])
    const { room } = board.floor.plan
    const twice = { ...room, athletes: [...room.athletes, ...room.athletes] }
    await expect(keepFloorBoard(head, head.groupId, {
      ...board, floor: { ...board.floor, plan: { ...board.floor.plan, room: twice } },
    })).rejects.toMatchObject({ code: 'badInput' })
    const far = await makeOrganisation(base.db)
    await expect(keepFloorBoard(far, head.groupId, board)).rejects.toMatchObject({ code: 'notFound' })
    await expect(floorBoard(far, head.groupId)).rejects.toMatchObject({ code: 'notFound' })
  })

  it('is read by its schema as it is sent', () => {
    expect(checked(floorBoardSchema, JSON.parse(JSON.stringify(aBoardOf([inside.id]))))).toEqual(
      expect.objectContaining({ day: TODAY }),
    )
  })

  it('goes with an athlete it names', async () => {
    await keepFloorBoard(head, other.id, aBoardOf([outside.id]))
    await base.owner('athlete').where({ id: randomUUID() }).delete()
    expect((await floorBoard(head, other.id)).board).not.toBeNull()
    await eraseAthlete(head, outside.id, anAthlete().name)
    expect((await floorBoard(head, other.id)).board).toBeNull()
  })
})
