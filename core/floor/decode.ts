import { must } from '../errors'
import type { Compiled } from './compiled'
import type { FloorState } from './state'

/** What a tick by which somebody has to leave, and a block without room, weigh against a tick of the end. */
const [OVER_WEIGHT, LEFT_WEIGHT] = [4, 400]

/**
 * Places all jobs of an empty floor in an order, each as early as it fits. Where an athlete does blocks in their order,
 * a turn of one is a turn of the next in line.
 *
 * @param order numbers of jobs
 */
export function decode({ jobs, ofAthlete }: Compiled, state: FloorState, order: readonly number[]): void {
  const turns = new Int32Array(ofAthlete.length)
  for (const index of order) {
    const asked = must(jobs[index])
    const turn = must(turns[asked.athlete])
    const job = asked.strict ? must(must(ofAthlete[asked.athlete])[turn]) : asked
    turns[asked.athlete] = turn + 1
    const start = state.earliest(job, state.readyFor(job))
    if (start >= 0) state.put(job, start, state.helperAt(job, start))
  }
}

/**
 * What a timetable costs: nothing when everybody is through by `bound`, has to leave for nothing, and all has room.
 * Ticks past the bound count for each athlete, and again for the last of them.
 */
export function costOf({ jobs, room: { athletes } }: Compiled, state: FloorState, bound: number): number {
  let [late, over, last] = [0, 0, 0]
  for (const [i, { until }] of athletes.entries()) {
    const end = state.endOf(i)
    late += Math.max(0, end - bound)
    if (until !== null) over += Math.max(0, end - until)
    last = Math.max(last, end)
  }
  let left = 0
  for (const job of jobs) if (state.startOf(job) < 0) left += 1
  return late + athletes.length * (Math.max(0, last - bound) + OVER_WEIGHT * over + LEFT_WEIGHT * left)
}
