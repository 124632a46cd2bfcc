import { STANDARD } from '~~/core/catalogue'
import { stepDose } from '~~/core/dose'
import { changeItem, layOutSession, proposeWeek, weekLedger, type WeekPlan } from '~~/core/programme'
import { weekConflicts } from '~~/core/rules'
import { larkholm } from '~~/demo'
import { planningContext } from '~~/shared/planningContext'
import { spread, timed } from './timing'

const FRAME_MS = 16.7
const MONDAY = '2026-03-02'

/** What one edit of the week sheet computes: ledger, conflicts and the layout of every strip. */
export async function benchEdit(): Promise<string> {
  const centre = larkholm(MONDAY)
  const { input, sessions } = centre.athletes[6]!
  const context = planningContext(input, MONDAY, centre.competitions, STANDARD)
  const { plan, targets } = proposeWeek({ context, sessions })
  const itemId = plan.sessions.flatMap(s => s.items)[0]!.id
  let now: WeekPlan = plan
  const times: number[] = []
  for (let i = 0; i < 2000; i++) {
    times.push(await timed(() => {
      now = changeItem(now, itemId, item => ({ ...item, dose: stepDose(item.dose, i % 2 === 0 ? 1 : -1) }))
      weekLedger(now, targets, context)
      weekConflicts(now, context)
      now.sessions.forEach(session => layOutSession(session, STANDARD))
    }))
  }
  const { median, p95 } = spread(times)
  return `edit to ledger, conflicts and layout: median ${median.toFixed(3)} ms, p95 ${p95.toFixed(3)} ms, `
    + `${(p95 / FRAME_MS * 100).toFixed(1)} % of a ${FRAME_MS} ms frame`
}

/** Proposals for the whole demo roster on one thread. */
export async function benchProposals(): Promise<string> {
  const centre = larkholm(MONDAY)
  const rounds: number[] = []
  for (let round = 0; round < 7; round++) {
    rounds.push(await timed(() => {
      for (const { input, sessions } of centre.athletes) {
        proposeWeek({ context: planningContext(input, MONDAY, centre.competitions, STANDARD), sessions })
      }
    }))
  }
  const { median, p95 } = spread(rounds)
  return `proposal for ${centre.athletes.length} athletes: median ${median.toFixed(0)} ms, slowest ${
    p95.toFixed(0)
  } ms, `
    + `${(median / centre.athletes.length).toFixed(1)} ms an athlete-week`
}
