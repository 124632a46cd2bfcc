import { existsSync } from 'node:fs'
import { join } from 'node:path'
import { addDays } from '~~/core/calendar'
import { strangerTrunk } from '~~/core/capacity'
import { STANDARD } from '~~/core/catalogue'
import { weekModel, columnsOf, planWeek } from '~~/core/planner'
import { rosterWalls, SPORT_PROFILE_IDS, type WeekPlan } from '~~/core/programme'
import { anyWeek, FAMILIES } from '~~/core/testing/instances'
import { larkholm } from '~~/demo'
import { trunkOf } from '~~/shared/trunkOf'
import type { Athlete } from '~~/shared/types'
import { solverPool, type WeekAnswer } from '~~/server/solver'
import { highsSolver } from '~~/solver/highs'
import { spread, timed } from './timing'

const INSTANCES = 50
const MONDAY = '2026-03-02'
const WEEKS = 4

/** Weeks of 80 variations by family: time and share proven, and the same model given to the solver plain. */
export async function benchWeeks(): Promise<string> {
  const solver = await highsSolver()
  const lines: string[] = []
  for (const family of FAMILIES) {
    const times: number[] = []
    let proven = 0
    for (let seed = 1; seed <= INSTANCES; seed++) {
      const instance = anyWeek(seed, family)
      times.push(await timed(() => { if (planWeek(instance, { solver, explains: () => false }).proven) proven += 1 }))
    }
    const { median, p95 } = spread(times)
    lines.push(
      `weeks of 80 variations, ${family}: median ${median.toFixed(0)} ms, p95 ${
        p95.toFixed(0)
      } ms, ${proven} of ${INSTANCES} proven`,
    )
  }
  const ours: number[] = []
  const plain: number[] = []
  let unsolved = 0
  for (let seed = 1; seed <= 8; seed++) {
    const instance = anyWeek(seed, 'normal')
    ours.push(await timed(() => planWeek(instance, { solver, explains: () => false })))
    const { model } = weekModel(instance, columnsOf(instance).columns)
    plain.push(
      await timed(() => {
        if (solver({ model, whole: true, grain: 0.5, wallS: 10 }).status !== 'optimal') unsolved += 1
      }),
    )
  }
  lines.push(
    `the same model plain, normal, 8 in turn with ours: median ${
      spread(plain).median.toFixed(0)
    } ms (${unsolved} not solved in 10 s), `
      + `ratio ${(spread(plain).median / spread(ours).median).toFixed(0)}`,
  )
  return lines.join('\n')
}

/**
 * Forty athletes, four weeks each one after the other, all distinct, searched as a roster is. All weeks of one athlete
 * are planned by one of two threads, as the planner processes take them from the queue.
 */
export async function benchRosterWeeks(): Promise<string> {
  const file = join(import.meta.dirname, '..', '.output', 'server', 'solver-worker.mjs')
  if (!existsSync(file)) return 'roster of 40 x 4 weeks: needs a build (npm run build)'
  const pools = [solverPool(file, 1), solverPool(file, 1)]
  const centre = larkholm(MONDAY)
  // Sixteen more than the demo has, each with another body, sport and training age.
  const roster = Array.from({ length: 40 }, (_, i) => {
    const { id, input, sessions } = centre.athletes[i % centre.athletes.length]!
    const other = i >= centre.athletes.length
    const sport = other ? SPORT_PROFILE_IDS[i % SPORT_PROFILE_IDS.length]! : input.sport
    return {
      athlete: {
        ...input, id, sport, trainingAgeYears: input.trainingAgeYears + (other ? 3 : 0), clearances: [],
      } as unknown as Athlete,
      sessions,
    }
  })
  let [proven, planned, off] = [0, 0, 0]
  const took = await timed(async () => {
    const waiting = [...roster]
    type Line = (typeof roster)[number]
    const planLine = async (pool: ReturnType<typeof solverPool>, { athlete, sessions }: Line): Promise<void> => {
      let before: WeekPlan | null = null
      const trunk = strangerTrunk(trunkOf(athlete, MONDAY), STANDARD)
      for (let week = 0; week < WEEKS; week++) {
        const answer = await pool.ask({
          kind: 'plan', walls: rosterWalls(WEEKS),
          week: {
            athlete, startsOn: addDays(MONDAY, 7 * week), competitions: centre.competitions,
            own: { ladders: [], variations: [] }, sessions, before,
            settled: {
              layers: [], progress: {}, decided: {}, weights: {}, bestLately: null, trunk, season: null, sports: {},
            },
          },
        }) as WeekAnswer
        before = answer.plan
        planned += 1
        off += answer.proof?.goal ?? 0
        if (answer.refused || answer.proof!.proven) proven += 1
      }
    }
    await Promise.all(pools.map(async (pool) => {
      for (let next = waiting.shift(); next; next = waiting.shift()) await planLine(pool, next)
    }))
  })
  await Promise.all(pools.map(pool => pool.close()))
  return `roster of 40 x 4 weeks on two threads, proven where the relaxation can: ${
    (took / 1000).toFixed(1)
  } s in all, ${proven} of ${planned} proven, ${(off / planned).toFixed(2)} full sets off target on average`
}
