import { must } from '../errors'
import type { Compiled, Job } from './compiled'

/** Where an athlete is for a time, with a block of the own or helping. */
interface Span {
  readonly start: number
  readonly end: number
  readonly place: number
}

/** Who is where when, while a timetable is being made. */
export class FloorState {
  private readonly starts: Int32Array
  /** Who helps, -1 for nobody. */
  private readonly helpers: Int32Array
  private readonly used: readonly Int16Array[]
  private readonly spans: Span[][]

  constructor(private readonly all: Compiled) {
    this.starts = new Int32Array(all.jobs.length).fill(-1)
    this.helpers = new Int32Array(all.jobs.length).fill(-1)
    this.used = all.roomAt.map(() => new Int16Array(all.horizon))
    this.spans = all.room.athletes.map(() => [])
  }

  /** Start of a job, -1 while it has none. */
  startOf({ index }: Job): number {
    return must(this.starts[index])
  }

  helperOf({ index }: Job): number {
    return must(this.helpers[index])
  }

  /** Tick at which what the athlete does before it in their order is over. */
  readyFor({ strict, athlete, nth }: Job): number {
    if (!strict) return 0
    const own = must(this.all.ofAthlete[athlete])
    for (let i = nth - 1; i >= 0; i--) {
      const before = must(own[i])
      if (this.startOf(before) >= 0) return this.startOf(before) + before.ticks
    }
    return 0
  }

  clear(): void {
    this.starts.fill(-1)
    this.helpers.fill(-1)
    for (const row of this.used) row.fill(0)
    for (const spans of this.spans) spans.length = 0
  }

  /** Puts a job at a time that it fits. */
  put(job: Job, start: number, helper: number): void {
    this.starts[job.index] = start
    this.helpers[job.index] = helper
    this.mark(job, start, 1)
    this.occupy(job.athlete, job, start)
    if (helper >= 0) this.occupy(helper, job, start)
  }

  take(job: Job): void {
    const [start, helper] = [this.startOf(job), this.helperOf(job)]
    this.starts[job.index] = -1
    this.helpers[job.index] = -1
    this.mark(job, start, -1)
    this.free(job.athlete, start)
    if (helper >= 0) this.free(helper, start)
  }

  /** The first tick from `least` on at which it fits, -1 when there is none. */
  earliest(job: Job, least: number): number {
    const spans = must(this.spans[job.athlete])
    const { from } = must(this.all.room.athletes[job.athlete])
    for (let i = 0; i <= spans.length; i++) {
      const [lo, hi] = this.gap(spans, i, job)
      for (let at = Math.max(lo, least, from); at <= hi;) {
        const full = this.fullAt(job, at)
        if (full >= 0) at = full + 1
        else if (!job.block.partner || this.helperAt(job, at) >= 0) return at
        else at++
      }
    }
    return -1
  }

  /** The last tick between two at which it fits, -1 when there is none. */
  latest(job: Job, from: number, to: number): number {
    const spans = must(this.spans[job.athlete])
    const arrival = must(this.all.room.athletes[job.athlete]).from
    for (let i = spans.length; i >= 0; i--) {
      const [lo, hi] = this.gap(spans, i, job)
      for (let at = Math.min(hi, to); at >= Math.max(lo, from, arrival);) {
        const full = this.firstFullAt(job, at)
        if (full >= 0) at = full - job.ticks
        else if (!job.block.partner || this.helperAt(job, at) >= 0) return at
        else at--
      }
    }
    return -1
  }

  /** Whether it fits at a tick. */
  fits(job: Job, start: number, helper: number): boolean {
    const { from } = must(this.all.room.athletes[job.athlete])
    return start >= from && start + job.ticks <= this.all.horizon && this.isFree(job.athlete, job, start)
      && this.fullAt(job, start) < 0 && (!job.block.partner || this.mayHelp(helper, job, start))
  }

  /** Somebody who can help from a tick on: whoever has least to do; -1 for nobody. */
  helperAt(job: Job, start: number): number {
    if (!job.block.partner) return -1
    for (const one of this.all.helpers) if (this.mayHelp(one, job, start)) return one
    return -1
  }

  /** Tick at which an athlete is through; 0 for somebody who does nothing. */
  endOf(athlete: number): number {
    const spans = must(this.spans[athlete])
    return spans.length === 0 ? 0 : must(spans[spans.length - 1]).end
  }

  /** The athlete's next span after a job's; null when it is the last. */
  nextStart(job: Job): { readonly start: number, readonly place: number } | null {
    const start = this.startOf(job)
    return must(this.spans[job.athlete]).find(span => span.start > start) ?? null
  }

  private mayHelp(one: number, job: Job, start: number): boolean {
    const helper = this.all.room.athletes[one]
    return helper !== undefined && one !== job.athlete && helper.from <= start
      && (helper.until === null || start + job.ticks <= helper.until) && this.isFree(one, job, start)
  }

  /** Earliest and latest start between the spans before and after. */
  private gap(spans: readonly Span[], i: number, { place, ticks }: Job): [number, number] {
    const before = spans[i - 1]
    const after = spans[i]
    return [
      before ? before.end + this.move(before.place, place) : 0,
      (after ? after.start - this.move(place, after.place) : this.all.horizon) - ticks,
    ]
  }

  private isFree(athlete: number, job: Job, start: number): boolean {
    const spans = must(this.spans[athlete])
    const i = spans.findIndex(span => span.start >= start)
    const [lo, hi] = this.gap(spans, i < 0 ? spans.length : i, job)
    return start >= lo && start <= hi
  }

  private move(from: number, to: number): number {
    return from === to ? 0 : this.all.room.moveTicks
  }

  /** The last tick of a job's time that has no room for it, -1 when all have. */
  private fullAt(job: Job, start: number): number {
    for (let tick = start + job.ticks - 1; tick >= start; tick--) if (this.isFull(job, tick)) return tick
    return -1
  }

  private firstFullAt(job: Job, start: number): number {
    for (let tick = start; tick < start + job.ticks; tick++) if (this.isFull(job, tick)) return tick
    return -1
  }

  private isFull({ needs, shuns }: Job, tick: number): boolean {
    for (const need of needs) if (this.usedAt(need, tick) >= must(must(this.all.roomAt[need])[tick])) return true
    for (const place of shuns) if (this.usedAt(place, tick) > 0) return true
    return false
  }

  private usedAt(place: number, tick: number): number {
    return must(must(this.used[place])[tick])
  }

  private mark({ needs, ticks }: Job, start: number, by: 1 | -1): void {
    for (const need of needs) {
      const row = must(this.used[need])
      for (let tick = start; tick < start + ticks; tick++) row[tick] = must(row[tick]) + by
    }
  }

  private occupy(athlete: number, { ticks, place }: Job, start: number): void {
    const spans = must(this.spans[athlete])
    const i = spans.findIndex(span => span.start > start)
    spans.splice(i < 0 ? spans.length : i, 0, { start, end: start + ticks, place })
  }

  private free(athlete: number, start: number): void {
    const spans = must(this.spans[athlete])
    spans.splice(spans.findIndex(span => span.start === start), 1)
  }
}
