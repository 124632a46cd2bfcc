import { must } from '../errors'
import type { Timetable } from './answer'
import { atOnceAt, type Block, type Present, type Room } from './room'

/** A block as it is done. */
interface Done {
  readonly block: Block
  readonly who: Present
  readonly nth: number
  readonly start: number
  readonly end: number
  readonly helper: string | null
}

/**
 * What a timetable breaks, in words; none where it can be walked. Says it from the room alone, by looking at every
 * half-minute: nothing of the search is used.
 *
 * @example
 * checkTimetable({ places: [], athletes: [], coach: null, moveTicks: 0, apart: [] }, { placed: [], end: 0, left: [] }) // => []
 */
export function checkTimetable(
  room: Room, { placed, end, left }: Pick<Timetable, 'placed' | 'end' | 'left'>,
): string[] {
  const known = new Map(room.athletes.flatMap(who => who.blocks.map((block, nth) => [block.id, { block, who, nth }])))
  const done = placed.map(({ block, start, helper }): Done => {
    const one = must(known.get(block))
    return { ...one, start, end: start + one.block.ticks, helper }
  })
  const problems: string[] = []
  const told = [...placed.map(({ block }) => block), ...left].sort()
  if (told.join() !== [...known.keys()].sort().join()) problems.push('Not every block stands once.')
  if (end !== Math.max(0, ...done.map(one => one.end))) problems.push('The end is not the last block’s.')
  for (let tick = 0; tick < end; tick++)
    problems.push(...atTick(room, done.filter(one => one.start <= tick && tick < one.end), tick))
  return [...problems, ...room.athletes.flatMap(who => ofAthlete(room, done, who)), ...done.flatMap(ofHelper)]
}

function atTick({ places, apart, coach }: Room, now: readonly Done[], tick: number): string[] {
  const problems: string[] = []
  const at = (id: string): number => now.filter(({ block }) => block.needs.includes(id)).length
  for (const place of places)
    if (at(place.id) > atOnceAt(place, tick)) problems.push(`${place.id} is over-full at ${tick}.`)
  for (const [a, b] of apart) if (at(a) > 0 && at(b) > 0) problems.push(`${a} and ${b} are in use at ${tick}.`)
  const watched = now.filter(({ block }) => block.watched).length
  if (coach && watched > atOnceAt(coach, tick)) problems.push(`The coach watches ${watched} at ${tick}.`)
  return problems
}

function ofAthlete({ moveTicks }: Room, done: readonly Done[], { id, from, order }: Present): string[] {
  const spans = done.filter(({ who, helper }) => who.id === id || helper === id).sort((a, b) => a.start - b.start)
  const own = spans.filter(({ who }) => who.id === id)
  const problems = spans.flatMap(({ start, block }, i) => {
    const before = spans[i - 1]
    const move = !before || before.block.needs[0] === block.needs[0] ? 0 : moveTicks
    return before && before.end + move > start ? [`${id} is in two places at ${start}.`] : []
  })
  if (spans.some(({ start }) => start < from)) problems.push(`${id} is not there yet.`)
  if (order === 'strict' && own.some(({ nth }, i) => i > 0 && nth < must(own[i - 1]).nth))
    problems.push(`${id} does blocks out of order.`)
  return problems
}

function ofHelper({ block: { id, partner }, helper, who }: Done): string[] {
  const good = partner ? helper !== null && helper !== who.id : helper === null
  return good ? [] : [`${id} has ${helper ?? 'nobody'} to help.`]
}
