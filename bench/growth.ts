import { exponential, lognormal, served, steady, type Job } from './queueOf'
import { spread } from './timing'

/** What a Monday evening is reckoned with; where each figure is from stands in docs/growth.md. */
const EVENING_S = 2 * 3600
const ATHLETES = 200_000
const RUN_ATHLETES = 24
const WEEKS = 4
const PLAN_MEDIAN_S = 0.038
const PLAN_P95_S = 0.3
const STORED_S = 0.06

/** Jobs of every run of the evening, in the order they come; a run's come together. */
function evening(): { jobs: Job[], runOf: number[] } {
  const random = steady(2026)
  const runs = Math.round(ATHLETES / RUN_ATHLETES)
  const jobs: Job[] = []
  const runOf: number[] = []
  let at = 0
  for (let run = 0; run < runs; run++) {
    at += exponential(EVENING_S / runs, random)
    for (let i = 0; i < RUN_ATHLETES; i++) {
      let takes = 0
      for (let week = 0; week < WEEKS; week++) takes += STORED_S + lognormal(PLAN_MEDIAN_S, PLAN_P95_S, random)
      jobs.push({ at, takes })
      runOf.push(run)
    }
  }
  return { jobs, runOf }
}

/** How long a coach waits for a run of 24 athletes and 4 weeks, when everybody plans on one evening. */
export function benchGrowth(): string {
  const { jobs, runOf } = evening()
  const work = jobs.reduce((sum, { takes }) => sum + takes, 0)
  const lines = [10, 15, 20, 25, 50, 100].map((planners) => {
    const over = new Map<number, number>()
    for (const [i, { done }] of served(jobs, planners).entries())
      over.set(runOf[i]!, Math.max(over.get(runOf[i]!) ?? 0, done - jobs[i]!.at))
    const { median, p95 } = spread([...over.values()])
    const busy = Math.round(100 * work / EVENING_S / planners)
    return `  ${planners} planners: ${busy} % busy, a run is planned in ${median.toFixed(1)} s, 95 of 100 in `
      + `${p95.toFixed(1)} s`
  })
  return [`${jobs.length} athletes x ${WEEKS} weeks planned in ${EVENING_S / 3600} hours:`, ...lines].join('\n')
}
