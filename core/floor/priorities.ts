import { must } from '../errors'
import type { Compiled, Job } from './compiled'

/**
 * Four orders to begin with: most work left first, longest blocks first, the scarcest place first, and by turns.
 */
export function priorityOrders({ jobs, ofAthlete, names, roomAt }: Compiled): number[][] {
  const ticks = (of: readonly Job[]): number => of.reduce((sum, job) => sum + job.ticks, 0)
  const work = ofAthlete.map(ticks)
  const load = names.map((_, place) =>
    ticks(jobs.filter(job => job.needs.includes(place))) / Math.max(1, Math.max(...must(roomAt[place]))))
  const scarcity = (job: Job): number => Math.max(...job.needs.map(need => must(load[need])))
  const left = (job: Job): number => ticks(must(ofAthlete[job.athlete]).slice(job.nth))
  const by = (rank: (job: Job) => number): number[] =>
    [...jobs].sort((a, b) => rank(b) - rank(a) || a.index - b.index).map(({ index }) => index)
  return [
    by(left), by(job => job.ticks * 1000 + must(work[job.athlete])), by(job => scarcity(job) * 1000 + left(job)),
    by(job => -job.nth * 100_000 + scarcity(job) * 10 + must(work[job.athlete]) / 10),
  ]
}
