import { weekModel, columnsOf, planWeek } from '~~/core/planner'
import { optimiseWeek, type WeekPlan } from '~~/core/programme'
import { STANDARD } from '~~/core/catalogue'
import { anyWeek, FAMILIES } from '~~/core/testing/instances'
import { larkholm } from '~~/demo'
import { planningContext } from '~~/shared/planningContext'
import { highsSolver } from '~~/solver/highs'
import { spread, timed } from './timing'

const INSTANCES = 50
const MONDAY = '2026-03-02'

/** Weeks of 80 variations by family: time and share proven, and the same model given to the solver plain. */
export async function benchWeeks(): Promise<string> {
  const solver = await highsSolver()
  const lines: string[] = []
  for (const family of FAMILIES) {
    const times: number[] = []
    let proven = 0
    for (let seed = 1; seed <= INSTANCES; seed++) {
      const instance = anyWeek(seed, family)
      times.push(await timed(() => { if (planWeek(instance, { solver, explained: false }).proven) proven += 1 }))
    }
    const { median, p95 } = spread(times)
    lines.push(`weeks of 80 variations, ${family}: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, ${proven} of ${INSTANCES} proven`)
  }
  const ours: number[] = []
  const plain: number[] = []
  let unsolved = 0
  for (let seed = 1; seed <= 8; seed++) {
    const instance = anyWeek(seed, 'normal')
    ours.push(await timed(() => planWeek(instance, { solver, explained: false })))
    const { model } = weekModel(instance, columnsOf(instance).columns)
    plain.push(await timed(() => { if (solver({ model, whole: true, grain: 0.5, wallS: 10 }).status !== 'optimal') unsolved += 1 }))
  }
  lines.push(`the same model plain, normal, 8 in turn with ours: median ${spread(plain).median.toFixed(0)} ms (${unsolved} not solved in 10 s), `
    + `ratio ${(spread(plain).median / spread(ours).median).toFixed(0)}`)
  return lines.join('\n')
}

/** The demo's roster, four weeks one after the other, on one thread with the solver at hand. */
export async function benchRosterWeeks(): Promise<string> {
  const solver = await highsSolver()
  const centre = larkholm(MONDAY)
  const times: number[] = []
  let proven = 0
  for (const { input, sessions } of centre.athletes) {
    let before: WeekPlan | null = null
    for (let week = 0; week < 4; week++) {
      const context = planningContext(input, MONDAY, week === 3 ? centre.competitions : [], STANDARD)
      times.push(await timed(() => {
        const found = optimiseWeek({ context, sessions }, { before, solver })
        before = found.plan
        if (found.refused || found.proof!.proven) proven += 1
      }))
    }
  }
  const { median, p95 } = spread(times)
  const total = times.reduce((a, b) => a + b, 0) / 1000
  return `athlete-weeks of the demo, ${times.length} on one thread with proofs and reasons: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, `
    + `${total.toFixed(1)} s in all, ${proven} of ${times.length} proven`
}
