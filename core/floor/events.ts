import { must, refuseUnless } from '../errors'
import type { Timetable } from './answer'
import { DAY_TICKS, type Block, type Present, type Room } from './room'

/** What happens on a floor while it runs. */
export type FloorEvent =
  /** Comes later than was thought: nothing of theirs has begun. */
  | { readonly kind: 'late', readonly athlete: string, readonly from: number }
  /** Has to leave at another time than was thought. */
  | { readonly kind: 'leaves', readonly athlete: string, readonly until: number }
  /** Does not come, or goes home: what has not begun is dropped. */
  | { readonly kind: 'absent', readonly athlete: string }
  /** A place has room for fewer, until a tick or for good. */
  | { readonly kind: 'placeOut', readonly place: string, readonly atOnce: number, readonly until: number | null }
  /** A block takes longer or less long than was thought. */
  | { readonly kind: 'takes', readonly block: string, readonly ticks: number }
  /** Another drill in its place. */
  | { readonly kind: 'swap', readonly block: string, readonly needs: readonly string[], readonly ticks: number }
  | { readonly kind: 'dropped', readonly block: string }

/** The room as it is after what happened, and which blocks have begun. */
interface RoomNow {
  readonly room: Room
  /** Starts that stand: begun before now and going on, or over. */
  readonly begun: ReadonlyMap<string, number>
}

/**
 * The room as it is now. What has begun stays as it was; what runs at a place that is out goes on where there is room,
 * with what is left of it.
 *
 * @throws DomainError `events` for a name that is not in the room, and somebody late who has begun
 */
export function roomNow(room: Room, { placed }: Timetable, now: number, events: readonly FloorEvent[]): RoomNow {
  const begun = new Map(placed.filter(({ start }) => start < now).map(({ block, start }) => [block, start]))
  const there = new Set(placed.filter(({ block }) => begun.has(block)).flatMap(({ block, helper }) =>
    [helper, ...room.athletes.filter(one => one.blocks.some(({ id }) => id === block)).map(({ id }) => id)]))
  for (const event of events)
    refuseUnless(event.kind !== 'late' || !there.has(event.athlete), 'events', 'Who has begun is not late.')
  let after = room
  for (const event of events) after = changed(after, event, now, begun)
  return { room: after, begun }
}

function changed(room: Room, event: FloorEvent, now: number, begun: Map<string, number>): Room {
  refuseUnless(isInRoom(room, event), 'events', 'This names nothing in the room.')
  switch (event.kind) {
    case 'late':
      return withAthlete(room, event.athlete, one => ({ ...one, from: Math.max(one.from, event.from) }))
    case 'leaves':
      return withAthlete(room, event.athlete, one => ({ ...one, until: event.until }))
    case 'absent':
      return withAthlete(room, event.athlete, one => ({ ...one, blocks: one.blocks.filter(({ id }) => begun.has(id)) }))
    case 'takes':
      return withBlock(room, event.block, block => [{ ...block, ticks: event.ticks }])
    case 'dropped':
      return begun.has(event.block) ? room : withBlock(room, event.block, () => [])
    case 'swap':
      return begun.has(event.block)
        ? room
        : withBlock(room, event.block, block => [{ ...block, needs: event.needs, ticks: event.ticks }])
    case 'placeOut':
      return placeOut(room, event, now, begun)
  }
}

function isInRoom({ athletes, places }: Room, event: FloorEvent): boolean {
  if ('athlete' in event) return athletes.some(({ id }) => id === event.athlete)
  if ('block' in event) return athletes.some(({ blocks }) => blocks.some(({ id }) => id === event.block))
  return places.some(({ id }) => id === event.place)
}

const withAthlete = (room: Room, id: string, to: (one: Present) => Present): Room =>
  ({ ...room, athletes: room.athletes.map(one => (one.id === id ? to(one) : one)) })

const withBlock = (room: Room, id: string, to: (block: Block) => readonly Block[]): Room => ({
  ...room,
  athletes: room.athletes.map(one =>
    ({ ...one, blocks: one.blocks.flatMap(block => (block.id === id ? to(block) : [block])) })),
})

function placeOut(
  room: Room, { place, atOnce, until }: Extract<FloorEvent, { kind: 'placeOut' }>, now: number,
  begun: Map<string, number>,
): Room {
  const running = room.athletes.flatMap(one => one.blocks).filter(({ id, needs, ticks }) =>
    needs.includes(place) && begun.has(id) && must(begun.get(id)) + ticks > now)
  const stopped = new Set(running.slice(atOnce).map(({ id }) => id))
  const left = new Map(running.map(({ id, ticks }) => [id, must(begun.get(id)) + ticks - now]))
  for (const id of stopped) begun.delete(id)
  return {
    ...room,
    places: room.places.map(one => (one.id === place
      ? { ...one, narrow: [...one.narrow ?? [], { from: now, to: until ?? DAY_TICKS, atOnce }] }
      : one)),
    athletes: room.athletes.map(one => ({
      ...one, blocks: one.blocks.map(b => (stopped.has(b.id) ? { ...b, ticks: must(left.get(b.id)) } : b)),
    })),
  }
}
