import type { Timetable } from './answer'
import { roomNow, type FloorEvent } from './events'
import { mend } from './mend'
import { checkRoom, type Room } from './room'

/** A timetable mended while it runs. */
export interface Repaired {
  /** The room as it is now. */
  readonly room: Room
  readonly timetable: Timetable
  /** Blocks that are done at another time than was told. */
  readonly moved: readonly { readonly block: string, readonly from: number, readonly to: number }[]
  /** Ticks by which the end is later than it was. */
  readonly later: number
}

/**
 * Mends a running timetable after something happened: what has begun stays; the end is kept if it can be, and then as
 * few blocks as can be change their time, by as little as can be. What has not happened before now begins at now.
 *
 * @param now tick; blocks with an earlier start have begun
 * @throws DomainError as checkRoom; `events` for a name that is not in the room, and somebody late who has begun.
 * @example
 * repairTimetable({ places: [{ id: 'rack', atOnce: 1 }], athletes: [{ id: 'Edda', from: 0, until: null, order: 'strict', blocks: [{ id: 'a', needs: ['rack'], ticks: 4, watched: false, partner: false }] }], coach: null, moveTicks: 1, apart: [] }, { placed: [{ block: 'a', start: 0, helper: null }], end: 4, bound: { end: 4, because: null }, proven: true, left: [], over: [] }, 0, [{ kind: 'late', athlete: 'Edda', from: 2 }]).moved // => [{ block: 'a', from: 0, to: 2 }]
 */
export function repairTimetable(
  room: Room, before: Timetable, now: number, events: readonly FloorEvent[], steps?: number,
): Repaired {
  const { room: after, begun } = roomNow(room, before, now, events)
  checkRoom(after)
  const timetable = mend(after, before, now, begun, steps)
  const old = new Map(before.placed.map(({ block, start }) => [block, start]))
  return {
    room: after, timetable, later: Math.max(0, timetable.end - before.end),
    moved: timetable.placed.flatMap(({ block, start }) => {
      const from = old.get(block)
      return from === undefined || from === start ? [] : [{ block, from, to: start }]
    }),
  }
}
