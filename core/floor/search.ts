import { chanceFrom } from '../chance'
import { must } from '../errors'
import type { Compiled, Job } from './compiled'
import { costOf, decode } from './decode'
import { priorityOrders } from './priorities'
import { pushLater } from './pushLater'
import { FloorState } from './state'

/**
 * Placings that are made in all, so many a job: steps and not seconds, so that a room has one timetable on any machine.
 * As many as a machine of two cores makes in under a fifth of a second.
 */
const PLACINGS = 150_000
const MOST_STEPS = 20_000

interface Found {
  readonly order: readonly number[]
  readonly cost: number
}

/**
 * The best order of jobs that is found: four rules, each bettered by going through it backward and forward, then
 * annealing by putting one job elsewhere and by exchanging two. Stops where nothing better can be.
 */
export function searchOrder(all: Compiled, bound: number, steps?: number): readonly number[] {
  const state = new FloorState(all)
  const cost = (order: readonly number[]): number => {
    state.clear()
    decode(all, state, order)
    return costOf(all, state, bound)
  }
  let best: Found = { order: all.jobs.map(({ index }) => index), cost: Infinity }
  for (const order of priorityOrders(all)) {
    let now: Found = { order, cost: cost(order) }
    if (now.cost < best.cost) best = now
    for (let turn = 0; turn < TURNS && best.cost > 0; turn++) {
      const next = [...now.order]
      justify(all, state, next)
      now = { order: next, cost: cost(next) }
      if (now.cost < best.cost) best = now
    }
    if (best.cost === 0) return best.order
  }
  return anneal(all, best, cost, steps ?? Math.min(MOST_STEPS, PLACINGS / all.jobs.length))
}

/** Times an order is gone through backward and forward. */
const TURNS = 3
const SEED = 29

/**
 * Pushes every job of a timetable as late as the others let it, last first, and orders by what comes of it (forward and
 * backward improvement; recalled from memory: Li and Willis 1992).
 */
function justify(all: Compiled, state: FloorState, order: number[]): void {
  const { jobs } = all
  const endOf = (job: Job): number => state.startOf(job) + job.ticks
  const placed = jobs.filter(job => state.startOf(job) >= 0).sort((a, b) => endOf(b) - endOf(a))
  const end = Math.max(0, ...placed.map(endOf))
  for (const job of placed) pushLater(state, job, lastStart(all, state, job, end))
  const start = (index: number): number => state.startOf(must(jobs[index]))
  order.sort((a, b) => start(a) - start(b) || a - b)
}

/** The latest a job may begin for the end, and for the athlete's next in line. */
function lastStart({ ofAthlete }: Compiled, state: FloorState, job: Job, end: number): number {
  const next = job.strict ? ofAthlete[job.athlete]?.[job.nth + 1] : undefined
  const nextStart = next ? state.startOf(next) : -1
  return (nextStart >= 0 ? Math.min(end, nextStart) : end) - job.ticks
}

function anneal(
  all: Compiled, start: Found, cost: (order: readonly number[]) => number, steps: number,
): readonly number[] {
  const n = all.jobs.length
  if (n < 2) return start.order
  const chance = chanceFrom(SEED)
  const pick = (): number => Math.floor(chance() * n)
  let best = start
  let order = [...start.order]
  let now = start.cost
  const hot = Math.max(1, start.cost / 10)
  for (let step = 0; step < steps && best.cost > 0; step++) {
    const heat = hot * (0.1 / hot) ** (step / steps)
    const next = [...order]
    const [from, to] = [pick(), pick()]
    if (chance() < 0.5) [next[from], next[to]] = [must(next[to]), must(next[from])]
    else next.splice(to, 0, ...next.splice(from, 1))
    const then = cost(next)
    if (then > now && chance() >= Math.exp((now - then) / heat)) continue
    order = next
    now = then
    if (now < best.cost) best = { order: next, cost: now }
  }
  return best.order
}
