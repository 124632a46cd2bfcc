import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chanceFrom } from '../chance'
import { aRoom } from '../testing/rooms'
import { allTimetables, block, present, room } from '../testing/smallRoom'
import { checkTimetable, repairTimetable, timetable, type FloorEvent, type Room, type Timetable } from './index'
import { roomNow } from './events'

/** Three on two columns for 4 minutes each, in the order of their names. */
const three = room({ column: 2 }, ['A', 'B', 'C'].map(id => present(id, [block(id.toLowerCase(), 'column', 8)])))
const told: Timetable = {
  placed: Object.entries({ a: 0, b: 0, c: 8 }).map(([id, start]) => ({ block: id, start, helper: null })),
  end: 16, bound: { end: 16, because: null }, proven: true, left: [], over: [],
}

describe('mended by hand', () => {
  it('somebody a little late begins later, and nobody else moves', () => {
    const { moved, later } = repairTimetable(three, told, 0, [{ kind: 'late', athlete: 'A', from: 4 }])
    expect([moved, later]).toEqual([[{ block: 'a', from: 0, to: 4 }], 0])
  })

  it('somebody late changes places with whoever comes after on the one column: two move, the end stays', () => {
    const two = { ...three, places: [{ id: 'column', atOnce: 1 }], athletes: three.athletes.slice(0, 2) }
    const { moved, later } = repairTimetable(two, timetable(two), 0, [{ kind: 'late', athlete: 'A', from: 8 }])
    expect([moved, later]).toEqual([[{ block: 'b', from: 8, to: 0 }, { block: 'a', from: 0, to: 8 }], 0])
  })

  it('an absent one is dropped, and nobody else moves', () => {
    const { timetable: now, moved } = repairTimetable(three, told, 0, [{ kind: 'absent', athlete: 'B' }])
    expect([now.placed.map(one => one.block), moved]).toEqual([['a', 'c'], []])
  })

  it('a block that takes longer pushes what waits for its place only', () => {
    const both: FloorEvent[] = ['a', 'b'].map(id => ({ kind: 'takes', block: id, ticks: 10 }))
    expect(repairTimetable(three, told, 6, both.slice(0, 1)).moved).toEqual([])
    expect(repairTimetable(three, told, 6, both)).toMatchObject({ moved: [{ block: 'c', from: 8, to: 10 }], later: 2 })
  })

  it('what runs where a column goes out goes on at the other with what is left of it', () => {
    const { timetable: now, room: after } = repairTimetable(three, told, 3, [
      { kind: 'placeOut', place: 'column', atOnce: 1, until: null },
    ])
    const b = now.placed.find(one => one.block === 'b')!
    // A is through at 8; 5 of B's 8 are left, and C's 8 come before or after them.
    expect([after.athletes[1]!.blocks[0]!.ticks, now.end, b.start]).toEqual([5, 21, 16])
  })

  it('another drill goes to another place, and frees the one it had', () => {
    const with2 = { ...three, places: [...three.places, { id: 'floor', atOnce: 8 }] }
    const swap = { kind: 'swap', block: 'c', needs: ['floor'], ticks: 6 } as const
    const { timetable: now } = repairTimetable(with2, told, 0, [swap])
    expect(now.placed.find(one => one.block === 'c')!.start).toBe(8)
    expect(now.end).toBe(14)
  })

  it('is told of nobody who is not there, and of nobody late who has begun', () => {
    for (const event of [{ kind: 'absent', athlete: 'Z' }, { kind: 'late', athlete: 'A', from: 9 }] as const)
      expect(() => repairTimetable(three, told, 3, [event])).toThrow(expect.objectContaining({ field: 'events' }))
  })
})

/** Something that may happen to any room. */
function happened(seed: number, of: Room, at: Timetable, now: number): FloorEvent[] {
  const chance = chanceFrom(seed)
  const any = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)]!
  const running = of.athletes.flatMap(one => one.blocks).filter(({ id, ticks }) =>
    at.placed.some(({ block: told, start }) => told === id && start < now && now < start + ticks)).map(({ id }) => id)
  const begun = at.placed.filter(({ start }) => start < now)
  const outside = of.athletes.filter(({ id, blocks }) =>
    !begun.some(one => one.helper === id || blocks.some(b => b.id === one.block)))
  const kinds: FloorEvent[] = [
    ...outside.map(({ id }) => ({ kind: 'late', athlete: id, from: now + 1 + Math.floor(chance() * 6) } as const)),
    { kind: 'absent', athlete: any(of.athletes).id },
    { kind: 'placeOut', place: any(of.places).id, atOnce: 0, until: now + 1 + Math.floor(chance() * 8) },
    ...(running.length > 0 ? [{ kind: 'takes', block: any(running), ticks: now + 2 } as const] : []),
  ]
  return [any(kinds)]
}

describe('any room', () => {
  it('is mended so that it can be walked, and what has begun stays', () => {
    fc.assert(fc.property(fc.nat(100_000), fc.integer({ min: 3, max: 12 }), fc.nat(40), (seed, most, now) => {
      const before = aRoom(seed, most)
      const at = timetable(before, 50)
      const events = happened(seed, before, at, now)
      const { room: after, timetable: mended, moved } = repairTimetable(before, at, now, events, 60)
      // A place that closed under what had begun there is over-full in the past only.
      expect(checkTimetable(after, mended).filter(text => !text.startsWith('The end'))).toEqual([])
      const begun = roomNow(before, at, now, events).begun
      const started = new Map(mended.placed.map(one => [one.block, one.start]))
      for (const [id, start] of begun) expect(started.get(id)).toBe(start)
      for (const { to } of moved) expect(to).toBeGreaterThanOrEqual(now)
    }), { numRuns: 60 })
  })

  it('that is tiny is mended by the fewest moves that keep the end, by trying every start', () => {
    for (let seed = 0; seed < 60; seed++) {
      const whole = aRoom(seed, 3)
      const tiny = {
        ...whole, coach: null, athletes: whole.athletes.slice(0, 3).map(one => ({
          ...one, from: 0,
          blocks: one.blocks.slice(0, 2).map(b => ({ ...b, ticks: 1 + b.ticks % 3, partner: false })),
        })).slice(0, 2),
      }
      const at = timetable(tiny)
      const now = seed % 3
      const events = happened(seed, tiny, at, now)
      const { room: after, timetable: mended, moved } = repairTimetable(tiny, at, now, events)
      const { begun } = roomNow(tiny, at, now, events)
      const old = new Map(at.placed.map(one => [one.block, one.start]))
      let [end, moves] = [Infinity, Infinity]
      for (const placed of allTimetables(after, Math.max(mended.end, at.end), begun)) {
        if (placed.some(one => one.start < now && !begun.has(one.block))) continue
        const last = Math.max(at.end, ...placed.map(one =>
          one.start + after.athletes.flatMap(a => a.blocks).find(b => b.id === one.block)!.ticks))
        const n = placed.filter(one => one.start !== old.get(one.block)).length
        if (last < end || (last === end && n < moves)) [end, moves] = [last, n]
      }
      expect([seed, Math.max(at.end, mended.end), moved.length]).toEqual([seed, end, moves])
    }
  })
})
