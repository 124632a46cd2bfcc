import { chanceFrom } from '../chance'
import { must } from '../errors'
import type { Timetable } from './answer'
import { lowerBound } from './bound'
import { compile, type Compiled, type Job } from './compiled'
import type { Room } from './room'
import { FloorState } from './state'
import { answerOf } from './timetable'

/** Ways that are tried: steps and not seconds, as with a first timetable. */
const STEPS = 2000
const SEED = 41

/** A way to mend: who gives up the old time of their own, and in which order those find another. */
interface Way {
  readonly order: readonly number[]
  readonly free: ReadonlySet<number>
}

/**
 * The timetable of a room that is nearest to an earlier one: what has begun stands; nothing is left out or too late for
 * somebody that need not be; the end is kept; few blocks move; none far. In this order.
 */
export function mend(
  room: Room, before: Timetable, now: number, begun: ReadonlyMap<string, number>, steps = STEPS,
): Timetable {
  const mending = new Mending(room, before, now, begun)
  const n = mending.future.length
  const chance = chanceFrom(SEED)
  const pick = (): number => Math.floor(chance() * n)
  let way: Way = { order: mending.future.map(({ index }) => index), free: new Set() }
  let cost = mending.place(way)
  let [best, least] = [way, cost]
  const hot = Math.max(10, cost / 20)
  for (let step = 0; step < steps && least > 0 && n > 0; step++) {
    const next = chance() < 0.5 ? toggled(way, must(mending.future[pick()]).index) : shifted(way, pick(), pick())
    const then = mending.place(next)
    const heat = hot * (0.5 / hot) ** (step / steps)
    if (then > cost && chance() >= Math.exp((cost - then) / heat)) continue
    ;[way, cost] = [next, then]
    if (cost < least) [best, least] = [way, cost]
  }
  mending.place(best)
  return mending.answer()
}

function toggled({ order, free }: Way, index: number): Way {
  const next = new Set(free)
  if (!next.delete(index)) next.add(index)
  return { order, free: next }
}

function shifted({ order, free }: Way, from: number, to: number): Way {
  const next = [...order]
  next.splice(to, 0, ...next.splice(from, 1))
  return { order: next, free }
}

/** The floor of the present, on which ways are tried. */
class Mending {
  /** What has not begun, in the order it was told in. */
  readonly future: readonly Job[]
  private readonly all: Compiled
  private readonly state: FloorState
  private readonly past: readonly Job[]
  private readonly old: ReadonlyMap<Job, { readonly start: number, readonly helper: number }>
  /** The end that is to be kept. */
  private readonly target: number

  constructor(room: Room, before: Timetable, private readonly now: number, begun: ReadonlyMap<string, number>) {
    this.all = compile(room)
    this.state = new FloorState(this.all)
    const number = new Map(room.athletes.map(({ id }, i) => [id, i]))
    const told = new Map(before.placed.map(one => [one.block, one]))
    this.old = new Map(this.all.jobs.map((job) => {
      const one = told.get(job.block.id)
      return [job, { start: one?.start ?? -1, helper: number.get(one?.helper ?? '') ?? -1 }]
    }))
    this.past = this.all.jobs.filter(({ block }) => begun.has(block.id))
    this.future = this.all.jobs.filter(({ block }) => !begun.has(block.id))
      .sort((a, b) => this.oldOf(a).start - this.oldOf(b).start || a.index - b.index)
    this.target = Math.max(before.end, lowerBound(this.all).end)
  }

  answer(): Timetable {
    return answerOf(this.all, this.state, lowerBound(this.all))
  }

  /** Places all that stays, then the rest in its order as early as it fits; what that costs. */
  place({ order, free }: Way): number {
    const { state, all: { jobs } } = this
    state.clear()
    for (const job of this.past) state.put(job, this.oldOf(job).start, this.oldOf(job).helper)
    for (const job of this.future) if (!free.has(job.index)) this.keep(job)
    for (const index of order) this.insert(must(jobs[index]))
    this.putBack()
    return this.cost()
  }

  private oldOf(job: Job): { readonly start: number, readonly helper: number } {
    return must(this.old.get(job))
  }

  /** At the old time with the old helper, or with another. */
  private keep(job: Job): void {
    const { start, helper } = this.oldOf(job)
    if (start < this.now || !this.isInOrder(job, start)) return
    for (const who of [helper, ...(job.block.partner ? [this.state.helperAt(job, start)] : [])]) {
      if (!this.state.fits(job, start, who)) continue
      this.state.put(job, start, who)
      return
    }
  }

  /** As early as it fits, after what comes before it; what comes after makes way where it has to. */
  private insert(job: Job): void {
    const { state } = this
    if (state.startOf(job) >= 0) return
    const own = must(this.all.ofAthlete[job.athlete])
    const row = job.strict ? own.filter(one => one.nth <= job.nth && state.startOf(one) < 0) : [job]
    for (const one of row) {
      const start = state.earliest(one, Math.max(this.now, state.readyFor(one)))
      if (start < 0) continue
      const late = one.strict ? own.slice(one.nth + 1).filter((next) => {
        const at = state.startOf(next)
        return at >= 0 && at < start + one.ticks
      }) : []
      for (const next of late) state.take(next)
      state.put(one, start, state.helperAt(one, start))
      for (const next of late) this.insert(next)
    }
  }

  /** What moved for the sake of something that moved on itself goes back. */
  private putBack(): void {
    const { state } = this
    for (const job of this.future) {
      const [start, helper] = [state.startOf(job), state.helperOf(job)]
      if (start < 0 || start === this.oldOf(job).start) continue
      state.take(job)
      this.keep(job)
      if (state.startOf(job) < 0) state.put(job, start, helper)
    }
  }

  private isInOrder(job: Job, start: number): boolean {
    return !job.strict || must(this.all.ofAthlete[job.athlete]).every((other) => {
      const at = this.state.startOf(other)
      return at < 0 || other === job || (other.nth < job.nth ? at + other.ticks <= start : start + job.ticks <= at)
    })
  }

  private cost(): number {
    const { all: { room: { athletes } }, state } = this
    let [left, end, moved, far] = [0, 0, 0, 0]
    for (const job of this.future) {
      const [start, old] = [state.startOf(job), this.oldOf(job).start]
      if (start < 0) left += 1
      else {
        end = Math.max(end, start + job.ticks)
        if (start !== old) moved += 1
        far += Math.abs(start - old)
      }
    }
    const over = athletes.reduce((sum, { until }, i) => sum + Math.max(0, state.endOf(i) - (until ?? Infinity)), 0)
    return left * 1e9 + (over + Math.max(0, end - this.target)) * 1e5 + moved * 100 + Math.min(far, 1e5) / 1000
  }
}
