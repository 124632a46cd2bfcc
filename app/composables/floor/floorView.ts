import { stationName } from '~~/core/floor/session'
import type { RunningFloor } from '~~/shared/floorRoom'

/** A block on the board, in ticks from the start. */
export interface BoardBlock {
  readonly id: string
  readonly athleteId: string
  readonly place: string
  readonly what: string
  readonly start: number
  readonly end: number
  readonly watched: boolean
  readonly helper: string | null
  readonly items: readonly string[]
  readonly lift: string | null
  /** Its drills are stations of one circuit. */
  readonly circuit: boolean
  readonly done: boolean
}

export interface Lane {
  readonly id: string
  readonly name: string
  readonly atOnce: number
  /** Blocks side by side where several are there at once. */
  readonly rows: readonly (readonly BoardBlock[])[]
}

/** Every block of a floor with its time, in the order of their starts. */
export function boardBlocks(
  { plan, timetable, done }: RunningFloor, nameOf: (itemId: string) => string,
  isDone: (items: readonly string[]) => boolean, isStation: (itemId: string) => boolean = () => false,
): BoardBlock[] {
  const inPlan = new Map(plan.blocks.map(block => [block.id, block]))
  const inRoom = new Map(plan.room.athletes.flatMap(one => one.blocks.map(block => [block.id, block])))
  return timetable.placed.flatMap(({ block: id, start, helper }): BoardBlock[] => {
    const [what, where] = [inPlan.get(id), inRoom.get(id)]
    if (!what || !where) return []
    const circuit = what.items.length > 0 && what.items.every(isStation)
    return [{
      id, athleteId: what.athleteId, place: where.needs[0]!, start, end: start + where.ticks, watched: where.watched,
      helper, items: what.items, lift: what.lift,
      what: circuit
        ? `circuit of ${what.items.length} drills`
        : [...(what.lift ? [what.lift] : []), ...what.items.map(nameOf)].join(', '),
      circuit,
      done: done.includes(id) || (what.items.length > 0 && what.lift === null && isDone(what.items)),
    }]
  })
}

/** Lanes of the places that are used, the busiest first; each block in the first row that is free for it. */
export function lanesOf(blocks: readonly BoardBlock[], { plan: { room } }: RunningFloor): Lane[] {
  const used = [...new Set(blocks.map(block => block.place))]
  return used.map((id): Lane => {
    const rows: BoardBlock[][] = []
    for (const block of blocks.filter(one => one.place === id)) {
      const row = rows.find(one => one.at(-1)!.end <= block.start)
      if (row) row.push(block)
      else rows.push([block])
    }
    return { id, name: stationName(id), atOnce: room.places.find(place => place.id === id)?.atOnce ?? 0, rows }
  }).sort((a, b) => b.rows.flat().length - a.rows.flat().length)
}

/** Something that waits for the coach, with what can be done about it. */
export interface Waiting {
  readonly key: string
  readonly who: string
  readonly text: string
  readonly action: string
  readonly act: () => void
}

/**
 * Which card each athlete has: whoever is still in sight keeps the own one, so that no key becomes somebody else's
 * under a finger; whoever comes takes the first that is free.
 */
export function seated(seats: readonly (string | null)[], inSight: readonly string[]): (string | null)[] {
  const next = seats.map(id => (id !== null && inSight.includes(id) ? id : null))
  for (const id of inSight) {
    const free = next.indexOf(null)
    if (!next.includes(id) && free >= 0) next[free] = id
  }
  return next
}

/** The block that an athlete is at, or goes to next; null when all is done. */
export function blockOf(blocks: readonly BoardBlock[], athleteId: string): BoardBlock | null {
  return blocks.find(block => block.athleteId === athleteId && !block.done) ?? null
}
