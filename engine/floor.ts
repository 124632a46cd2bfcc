import { DomainError } from '../core/errors'
import {
  DAY_TICKS, repairTimetable, timetable as timetableOf, type Block, type FloorEvent, type Limit, type Room,
  type Timetable,
} from '../core/floor'
import { timetableRepairSchema, timetableSchema, type ReadRoom, type ReadTimetableRepair } from './schemas/floor'
import { read, type Input } from './schemas/read'

const TICKS = 2
const ticks = (minutes: number): number => minutes * TICKS
const minutes = (n: number): number => n / TICKS

/** A room in; who does what when, and what nothing can be shorter than, out. */
export function timetable(input: Input): unknown {
  const given = read(timetableSchema, input)
  const room = roomOf(given)
  return told(room, timetableOf(room, given.steps))
}

/** A room, its timetable and what happened in; the timetable as it is now, and what moved, out. */
export function timetableRepair(input: Input): unknown {
  const given = read(timetableRepairSchema, input)
  const room = roomOf(given.room)
  const placed = given.timetable.map(one => ({ ...one, start: ticks(one.start) }))
  const known = new Map(room.athletes.flatMap(one => one.blocks.map(block => [block.id, block])))
  const end = Math.max(0, ...placed.map(({ block, start }) => {
    const one = known.get(block)
    if (!one) throw new DomainError('timetable', `There is no block ${block} in the room.`)
    return start + one.ticks
  }))
  const before = { placed, end, bound: { end: 0, because: null }, proven: false, left: [], over: [] }
  const mended = repairTimetable(room, before, ticks(given.now), given.events.map(eventOf), given.room.steps)
  return {
    ...told(mended.room, mended.timetable),
    moved: mended.moved.map(({ block, from, to }) => ({ block, from: minutes(from), to: minutes(to) })),
    later: minutes(mended.later),
  }
}

function roomOf({ stations, athletes, coach, moveMinutes, apart }: ReadRoom): Room {
  return {
    places: stations.map(one => ({ id: one.id, ...limitOf(one) })), coach: coach && limitOf(coach), apart,
    moveTicks: ticks(moveMinutes),
    athletes: athletes.map(one => ({
      ...one, from: ticks(one.from), until: one.until === null ? null : ticks(one.until),
      blocks: one.blocks.map(({ stations: needs, minutes: long, ...block }): Block =>
        ({ ...block, needs, ticks: ticks(long) })),
    })),
  }
}

const limitOf = ({ atOnce, narrow }: NonNullable<ReadRoom['coach']>): Limit => ({
  atOnce,
  narrow: narrow.map(one => ({ ...one, from: ticks(one.from), to: one.to === null ? DAY_TICKS : ticks(one.to) })),
})

function eventOf(event: ReadTimetableRepair['events'][number]): FloorEvent {
  switch (event.kind) {
    case 'late': return { ...event, from: ticks(event.from) }
    case 'leaves': return { ...event, until: ticks(event.until) }
    case 'takes': return { ...event, ticks: ticks(event.minutes) }
    case 'swap': return { kind: 'swap', block: event.block, needs: event.stations, ticks: ticks(event.minutes) }
    case 'stationOut':
      return {
        kind: 'placeOut', place: event.station, atOnce: event.atOnce,
        until: event.until === null ? null : ticks(event.until),
      }
    default: return event
  }
}

function told(room: Room, { placed, end, bound, proven, left, over }: Timetable): object {
  const blocks = new Map(room.athletes.flatMap(({ id, blocks }) => blocks.map(block => [block.id, { block, id }])))
  return {
    placed: placed.map(({ block: key, start, helper }) => {
      const { block, id } = blocks.get(key)!
      const end = minutes(start + block.ticks)
      return { block: key, athlete: id, station: block.needs[0], start: minutes(start), end, helper }
    }),
    end: minutes(end), bound: minutes(bound.end), because: bound.because, proven,
    longer: proven ? 0 : minutes(Math.max(0, end - bound.end)), left,
    over: over.map(one => ({ athlete: one.athlete, minutes: minutes(one.ticks) })),
  }
}
