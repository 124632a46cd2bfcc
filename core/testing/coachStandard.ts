import { ACTION_FACTS, TRUNK_ACTIONS, type Plane, type TrunkAction } from '../catalogue'
import { isHeavyAxial } from '../rules'
import { redFlags } from '../screening'
import { itemEffort, sportOf, trunkMinutesOf, type PlanningContext, type WeekProposal } from '../programme'

const FEET = ['standing', 'splitStance', 'singleLeg', 'moving', 'halfKneeling']
const LIMITS = { seconds: [8, 60], reps: [3, 12], metres: [10, 60], breaths: [1, 60], letters: [1, 60] } as const
/** What is worth counting in a session, full sets. */
const COUNTS = 0.2

/** What a coach would not sign about a week, by the number of the standard; none: signed. */
export function notSigned(context: PlanningContext, { plan, notes }: WeekProposal): string[] {
  const { screen: { catalogue, flags, braceStep, ageYears, rungs }, sport, weakLink, goal, rules } = context
  const all = plan.sessions.flatMap(({ day, items }) =>
    items.map(item => ({ item, day, ...itemEffort(item, context)! })))
  type One = (typeof all)[number]
  const drill = (one: One) => catalogue.find(one.item.variationId)!
  const work = all.filter(one => one.kind === 'work')
  const said = notes.join(' ').toLowerCase()
  if (redFlags(flags).length > 0) return all.length > 0 ? ['W15 a red flag and still a week'] : []
  if (work.length === 0) return ['W1 no work at all']
  const phase = rules.block?.phase ?? 'offSeason'
  const base = phase === 'offSeason' || phase === 'preSeason'
  const n = plan.sessions.length
  const missed: string[] = []
  const must = (id: string, holds: boolean, text: string): void => { if (!holds) missed.push(`${id} ${text}`) }
  const days = (meets: (one: One) => boolean): number => new Set(work.filter(meets).map(one => one.day)).size
  for (const one of work) {
    const { item: { dose, setting }, effort } = one
    const { id, branch, rung, ladder, settings } = drill(one)
    must('W1', (rungs[branch] ?? 1) - rung < 2, `${id} was left behind`)
    must('W2', effort.effort >= 0.3 && effort.effort <= 0.85, `${id} effort ${effort.effort}`)
    must('W2', effort.r === null || effort.r >= 0.25, `${id} r ${effort.r}`)
    must('W3', ladder !== 'brace' || braceStep < 6, `${id} as work`)
    const [least, most] = LIMITS[dose.unit]
    must('W9', dose.sets >= 2 && dose.sets <= 6 && dose.amount >= least && dose.amount <= most,
      `${id} ${dose.sets} x ${dose.amount} ${dose.unit}`)
    must('W11', !settings.some(s => s === 'loadKg' || s === 'bandN') || Object.keys(setting).length > 0,
      `${id} without a load`)
  }
  must('W3', braceStep < 7 || all.every(one => drill(one).ladder !== 'brace'), 'the brace course at step 7')
  const planes: readonly [Plane, number][] = [['sagittal', 2], ['transverse', 2], ['frontal', base ? 2 : 1]]
  for (const [plane, times] of planes) {
    const resists = (action: TrunkAction): boolean =>
      ACTION_FACTS[action].resists && ACTION_FACTS[action].plane === plane
    const met = days(one => TRUNK_ACTIONS.some(a => resists(a) && (one.fullSets[a] ?? 0) > COUNTS))
    must('W4', met >= Math.min(times, n) || said.includes(plane), `${plane} ${met}`)
  }
  const minutes = trunkMinutesOf(plan, catalogue)
  const { character } = sportOf(sport)
  const onFeet = all.filter(one => (one.kind === 'work' || one.kind === 'fast') && FEET.includes(drill(one).posture))
  if (character.standing && braceStep >= 5 && flags.length === 0) {
    must('W5', onFeet.length >= Math.min(base ? 3 : 2, n) || said.includes('feet'), `on the feet ${onFeet.length}`)
    must('W5', work.some(one => drill(one).ladder === 'carries') || said.includes('carr'), 'no carry')
  }
  if (character.turning && braceStep >= 5 && flags.length === 0 && base) {
    const turns = onFeet.filter(one => (drill(one).shares.rotation ?? 0) >= 0.5).length
    must('W6', turns >= (phase === 'preSeason' ? 2 : 1) || said.includes('turn'), `turning on the feet ${turns}`)
  }
  if (weakLink) {
    const met = days(one => (one.fullSets[weakLink] ?? 0) > COUNTS)
    must('W7', met >= Math.min(base ? 3 : 2, n) || said.includes('weak'), `weak link in ${met} sessions`)
  }
  if (goal.variationId) {
    const { ladder } = catalogue.find(goal.variationId)!
    const met = days(one => drill(one).ladder === ladder)
    must('W8', met >= Math.min(base ? 2 : 1, n) || said.includes('goal'), `the goal’s ladder in ${met} sessions`)
  }
  for (const { day, lifts } of plan.sessions) {
    const here = all.filter(one => one.day === day)
    must('W9', here.filter(one => one.kind === 'work').length <= 4, `day ${day}: too much work`)
    if (!lifts.some(isHeavyAxial)) continue
    const woken = here.some(one => one.kind !== 'work') || said.includes('waking')
    must('W10', woken, `day ${day}: nothing before the heavy lift`)
  }
  const [least, most] = base ? [25, 75] : phase === 'inSeason' ? [15, 45] : [5, 40]
  if (context.trainingAgeYears >= 1 && n >= 3)
    must('W9', (minutes >= least || said.includes('fills')) && minutes <= most,
      `${minutes.toFixed(0)} minutes`)
  if (ageYears !== null && ageYears < 16) {
    for (const one of all) {
      must('W16', !/^(rollout\.standing|levers\.(full|straddle|one-leg)|carries\.suitcase-heavy)/.test(drill(one).id),
        drill(one).id)
    }
  }
  return missed
}
