import type { Bound, Placed, Timetable } from './answer'
import { lowerBound } from './bound'
import { compile, type Compiled } from './compiled'
import { decode } from './decode'
import { checkRoom, type Room } from './room'
import { pushLater } from './pushLater'
import { searchOrder } from './search'
import { FloorState } from './state'

/**
 * Who does what when: everybody through as early as it goes, then nobody waits between blocks who could begin later
 * instead. Times in ticks of half a minute.
 *
 * @param steps how many orders are tried where the first are not at the bound
 * @throws DomainError as checkRoom
 * @example
 * timetable({ places: [{ id: 'rack', atOnce: 1 }], athletes: [{ id: 'Edda', from: 0, until: null, order: 'strict', blocks: [{ id: 'a', needs: ['rack'], ticks: 4, watched: false, partner: false }] }], coach: null, moveTicks: 1, apart: [] }).end // => 4
 */
export function timetable(room: Room, steps?: number): Timetable {
  checkRoom(room)
  const all = compile(room)
  const bound = lowerBound(all)
  const state = new FloorState(all)
  decode(all, state, searchOrder(all, bound.end, steps))
  closeGaps(all, state)
  return answerOf(all, state, bound)
}

/** The timetable that a state holds. */
export function answerOf(all: Compiled, state: FloorState, bound: Bound): Timetable {
  const { jobs, room: { athletes } } = all
  const placed = jobs.filter(job => state.startOf(job) >= 0).map((job): Placed => ({
    block: job.block.id, start: state.startOf(job), helper: athletes[state.helperOf(job)]?.id ?? null,
  })).sort((a, b) => a.start - b.start || (a.block < b.block ? -1 : 1))
  const end = Math.max(0, ...jobs.map(job => (state.startOf(job) < 0 ? 0 : state.startOf(job) + job.ticks)))
  const left = jobs.filter(job => state.startOf(job) < 0).map(({ block }) => block.id)
  const over = athletes.map(({ id, until }, i) => ({ athlete: id, ticks: state.endOf(i) - (until ?? Infinity) }))
    .filter(({ ticks }) => ticks > 0)
  return { placed, end, bound, left, over, proven: left.length === 0 && over.length === 0 && end <= bound.end }
}

/**
 * Pushes blocks right up to the athlete's next one, later ones first: whoever would wait between two begins the first
 * later. Nobody's end moves.
 */
function closeGaps({ jobs, room }: Compiled, state: FloorState): void {
  const late = jobs.filter(job => state.startOf(job) >= 0).sort((a, b) => state.startOf(b) - state.startOf(a))
  for (const job of late) {
    const next = state.nextStart(job)
    if (next) pushLater(state, job, next.start - (next.place === job.place ? 0 : room.moveTicks) - job.ticks)
  }
}
