import type { SetLog } from '../core/assessment'
import { STANDARD } from '../core/catalogue'
import { decide as decisionsOn, type Step } from '../core/progression'
import { openPain } from '../core/screening'
import { asEvidence, logsOf, prescribedOf } from './done'
import { contextOf } from './propose'
import { decideSchema } from './schemas/decide'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0
const hurt = ({ breakPoint, painAt }: SetLog): boolean => breakPoint === 'pain' || painAt !== null

const told = ({ variationId, dose: { sets, amount, unit }, setting, effort }: Step) =>
  ({ variation: variationId, sets, amount, unit, settings: setting, effortPerSet: round(effort, 3) })

/** What was done in; one decision for each branch it was done on, with its reasons, out. */
export function decide(input: Input): unknown {
  const given = read(decideSchema, input)
  const { phase, phaseEndsOn, competitions, today } = given
  const logs = logsOf(given)
  const bare = contextOf({ ...given, evidence: asEvidence(given), blockWeek: 1, competitionDays: [] })
  const pain = openPain(logs.filter(log => log.day <= today).map(log => ({
    variationId: log.variationId, day: log.day, at: `${log.day}T12:00:00Z`, hurt: hurt(log), place: log.painAt,
  })), [])
  const decisions = decisionsOn({
    context: { ...bare, screen: { ...bare.screen, pain } }, prescribed: prescribedOf(given), logs,
    season: { today, phase, phaseEndsOn, competitions },
  })
  return {
    decisions: decisions.map(({ from, to, others, variationId, evidence, ...decision }) => ({
      ...decision, variation: variationId, name: STANDARD.find(variationId)!.name,
      from: told(from), to: to && told(to), others: others.map(one => ({ ...one, to: one.to && told(one.to) })),
      evidence: evidence.map(({ setting, ...dot }) => ({ ...dot, settings: setting })),
    })),
  }
}
