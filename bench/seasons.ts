import { planSeason, repairSeason } from '~~/core/season'
import { longSeason } from '~~/core/testing/longSeasons'
import { spread, timed } from './timing'

const SEASONS = 60
const ATHLETES = 200
const EIGHT_DAYS = 8

/** Plans and repairs of seasons of 30 to 52 weeks, and those of 200 athletes one after the other. */
export async function benchSeasons(): Promise<string> {
  const planned: number[] = []
  const repaired: number[] = []
  for (let seed = 1; seed <= SEASONS; seed++) {
    const instance = longSeason(seed)
    let plan = planSeason(instance)
    planned.push(await timed(() => { plan = planSeason(instance) }))
    const [first, ...rest] = instance.competitions
    const moved = { ...instance, competitions: [{ ...first!, day: first!.day + EIGHT_DAYS }, ...rest] }
    repaired.push(await timed(() => repairSeason(moved, plan, { today: 30 })))
  }
  const job = await timed(() => {
    for (let seed = 1; seed <= ATHLETES; seed++) planSeason(longSeason(1000 + seed))
  })
  const said = (times: readonly number[]): string =>
    `median ${spread(times).median.toFixed(1)} ms, p95 ${spread(times).p95.toFixed(1)} ms`
  return `seasons of 30-52 weeks, ${SEASONS}: plan ${said(planned)}; repair ${
    said(repaired)
  }; ${ATHLETES} athletes’ seasons in one job ${(job / 1000).toFixed(2)} s`
}
