import { describe, expect, it } from 'vitest'
import { STANDARD } from '../core/catalogue'
import { repairTimetable, timetable } from '../core/floor'
import { floorRoom, type RunningFloor } from './floorRoom'
import { checked, floorBoardSchema } from './schemas'
import type { FloorDay, PrescribedItem, SessionRun } from './types'

const item = (id: string, over: Partial<PrescribedItem> = {}): PrescribedItem => ({
  id, slot: 'after', pairedWithLift: null, variationId: 'side-plank.feet', sides: 'each', extraSetSide: null,
  dose: { sets: 2, amount: 10, unit: 'seconds', restS: 60 }, stopped: null, ...over,
} as unknown as PrescribedItem)
const run = (athleteId: string, items: readonly PrescribedItem[], over: Partial<SessionRun> = {}): SessionRun => ({
  athleteId, athleteName: athleteId, day: '2026-03-04', stop: null, logs: [], effort: null,
  session: {
    id: `s-${athleteId}`, day: '2026-03-04', minutes: 60, items,
    lifts: [{ id: 'l', lift: 'backSquat', sets: 3, reps: 5, percent1Rm: 80 }],
  }, ...over,
})
const day = (runs: readonly SessionRun[], known: FloorDay['known'] = {}): FloorDay =>
  ({
    day: '2026-03-04', group: { id: 'g', name: 'Judo' }, now: '2026-03-04T10:00:00.000Z', board: null, runs,
    counts: { barbell: 2 }, known,
  })
const WAYS = { coachAtOnce: 1, order: 'strict' } as const

describe('the room of a squad’s day', () => {
  it('holds everybody who may train; a drill in the rests of a lift is done with it', () => {
    const { room, blocks } = floorRoom(day([
      run('A', [item('a1', { slot: 'paired', pairedWithLift: 'Back squat' }), item('a2')]), run('B', [item('b')]),
      run('C', [], { stop: {} as SessionRun['stop'] }), run('D', [], { session: null }),
    ]), STANDARD, WAYS)
    expect(room.athletes.map(one => one.id)).toEqual(['A', 'B'])
    expect(blocks.map(({ athleteId, lift, items }) => [athleteId, lift, items])).toEqual([
      ['A', 'Back squat', ['a1']], ['A', null, ['a2']], ['B', 'Back squat', []], ['B', null, ['b']],
    ])
    expect(timetable(room).left).toEqual([])
  })

  it('has the coach look on at what somebody has not done lately', () => {
    const two = [run('A', [item('a')]), run('B', [item('b')])]
    const both = floorRoom(day(two, { A: ['side-plank.feet'] }), STANDARD, WAYS)
    expect(both.blocks.filter(one => one.watched).map(one => one.items)).toEqual([['b']])
  })

  it('leaves out what is stopped', () => {
    const stopped = { reasons: [] } as unknown as PrescribedItem['stopped']
    expect(floorRoom(day([run('A', [item('a', { stopped })])]), STANDARD, WAYS).blocks).toHaveLength(1)
  })
})

describe('a floor on its way to the server', () => {
  it('is read as it was sent', () => {
    const plan = floorRoom(day([run('A', [item('a1'), item('a2')]), run('B', [item('b')])]), STANDARD, WAYS)
    const planned = timetable(plan.room)
    const floor: RunningFloor = {
      turn: 1, ways: WAYS, plan, timetable: planned, startedAt: 1000.5, heldAt: null, done: ['x'],
    }
    const late = repairTimetable(plan.room, planned, 2, [{ kind: 'placeOut', place: 'lane', atOnce: 0, until: null }])
    for (const one of [floor, { ...floor, plan: { ...plan, room: late.room }, timetable: late.timetable }]) {
      const sent = JSON.parse(JSON.stringify(
        { day: '2026-03-04', device: '0b0e7c1e-6b0a-4c58-9f6d-3c1f4f0a7b11', takeOver: false, floor: one },
      )) as unknown
      expect(checked(floorBoardSchema, sent)).toEqual(sent)
    }
  })
})
