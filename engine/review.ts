import { CAPACITY_IDS } from '../core/capacity'
import { PLANES } from '../core/catalogue'
import { DomainError } from '../core/errors'
import { reviewOf, reviewText, spanProblem, type AskedDone, type PerPlane } from '../core/review'
import { evidenceOf } from './capacity'
import { asEvidence, logsOf, prescribedOf } from './done'
import { contextOf } from './propose'
import { reviewSchema } from './schemas/review'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0
const rounded = ({ asked, done }: AskedDone): AskedDone => ({ asked: round(asked, 1), done: round(done, 1) })
const perPlane = (of: PerPlane): Record<string, number> =>
  Object.fromEntries(PLANES.map(plane => [plane, round(of[plane], 2)]))

/** What was planned and done in; what came of it, week by week, out. */
export function review(input: Input): unknown {
  const given = read(reviewSchema, input)
  const { athlete, efforts, from, to } = given
  const problem = spanProblem(from, to)
  if (problem) throw new DomainError('to', problem)
  const evidence = { ...evidenceOf(asEvidence(given)), stands: athlete.stands }
  const found = reviewOf({
    context: contextOf({
      athlete, evidence: asEvidence(given), phase: 'offSeason', blockWeek: 1, competitionDays: [], today: to,
    }),
    evidence, logs: logsOf(given), sessions: [], efforts, from, to,
    prescribed: prescribedOf(given).map((item, i) =>
      ({ ...item, slot: 'after' as const, setting: given.done[i]!.settings })),
  })
  return {
    text: reviewText(found),
    capacities: Object.fromEntries(CAPACITY_IDS.map(id => [id, found.capacities[id].map(
      ({ day, nm, low, high, measured, from: moved }) =>
        ({ day, nm: round(nm, 1), low: round(low, 1), high: round(high, 1), measured, evidence: moved.length }))])),
    weeks: found.weeks.map(({ startsOn, fullSets, contacts, minutes, byPlane, sets, adherence }) => ({
      startsOn, fullSets: { asked: perPlane(fullSets.asked), done: perPlane(fullSets.done) }, contacts,
      minutes: rounded(minutes), sets, adherence: adherence === null ? null : round(adherence, 3),
      byPlane: Object.fromEntries(PLANES.map(plane =>
        [plane, { contacts: byPlane[plane].contacts, minutes: rounded(byPlane[plane].minutes) }])),
    })),
    moved: found.moved.map(({ branch, what, up, from: first, to: last }) => ({
      branch, what, up, from: { ...first, variationId: undefined, variation: first.variationId },
      to: { ...last, variationId: undefined, variation: last.variationId },
    })),
    broke: found.broke, felt: found.felt,
    sides: found.sides.map(({ variationId, left, right, difference, weaker }) => ({
      variation: variationId, left: round(left, 1), right: round(right, 1), difference: round(difference, 3), weaker,
    })),
    loads: found.loads.map(({ startsOn, total, monotony, strain, lately, usual }) => ({
      startsOn, total, monotony: monotony === null ? null : round(monotony, 3),
      strain: strain === null ? null : round(strain, 1), lately: round(lately, 1), usual: round(usual, 1),
    })),
  }
}
