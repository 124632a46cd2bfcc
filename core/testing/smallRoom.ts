import { checkTimetable, type Block, type Placed, type Present, type Room } from '../floor'

/** A block of so many half-minutes at a place. */
export const block = (id: string, place: string, ticks: number, over: Partial<Block> = {}): Block =>
  ({ id, needs: [place], ticks, watched: false, partner: false, ...over })

/** Somebody there from the start who does blocks in their order. */
export const present = (id: string, blocks: readonly Block[], over: Partial<Present> = {}): Present =>
  ({ id, from: 0, until: null, order: 'strict', blocks, ...over })

/** A room with places for one, no coach to ask for and no way to go. */
export const room = (
  places: Readonly<Record<string, number>>, athletes: readonly Present[], over: Partial<Room> = {},
): Room => ({
  places: Object.entries(places).map(([id, atOnce]) => ({ id, atOnce })), athletes, coach: null, moveTicks: 0,
  apart: [], ...over,
})

/** Every timetable of a tiny room that is through by a tick, without partners, by trying all starts. */
export function* allTimetables(
  tiny: Room, end: number, fixed: ReadonlyMap<string, number> = new Map(),
): Generator<Placed[]> {
  const blocks = tiny.athletes.flatMap(one => one.blocks)
  yield* from(0, [])

  function* from(i: number, placed: readonly Placed[]): Generator<Placed[]> {
    const one = blocks[i]
    if (!one) {
      const last = Math.max(0, ...placed.map(({ start }, k) => start + blocks[k]!.ticks))
      if (checkTimetable(tiny, { placed, end: last, left: [] }).length === 0) yield [...placed]
      return
    }
    const at = fixed.get(one.id)
    const starts = at === undefined ? Array.from({ length: Math.max(0, end - one.ticks + 1) }, (_, t) => t) : [at]
    for (const start of starts) yield* from(i + 1, [...placed, { block: one.id, start, helper: null }])
  }
}
