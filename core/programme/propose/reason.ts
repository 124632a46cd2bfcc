import { ACTION_FACTS, type SettingValues, type Variation } from '../../catalogue'
import type { Effort } from '../../capacity'
import { formatDose } from '../../dose'
import { dayKindOf, isHeavyAxial } from '../../rules'
import { liftFacts } from '../lifts/lifts'
import type { PlanningContext } from '../week/context'
import type { PlannedSession, TrunkItem } from '../week/week'
import { itemEffort, mostServed } from '../worth/itemEffort'
import { goalLadders } from './goal'

/**
 * Why an item is proposed, why so heavy and why it stands where it does, as a coach would say it aloud.
 *
 * @param last what it was last week; null where it was not there
 * @example
 * reasonFor(item, variation, session, context, null).startsWith('To resist side bend.') // => true
 */
export function reasonFor(
  item: TrunkItem, variation: Variation, session: PlannedSession, context: PlanningContext,
  last: Pick<TrunkItem, 'dose' | 'setting'> | null,
): string {
  const goal = goalLadders(context).has(variation.ladder) ? 'On the way to the goal.' : ''
  return [
    servesText(item, variation, context), rungText(variation, context), placeText(item, variation, session, context),
    goal, progressText(item, variation, last, context),
  ].filter(text => text !== '').join(' ')
}

/**
 * What a set weighs, for reading aloud: nothing where it takes no load.
 *
 * @example
 * loadText({ loadKg: 40 }) // => ' with 40 kg'
 */
export function loadText({ loadKg, bandN }: SettingValues): string {
  if (loadKg !== undefined) return ` with ${loadKg} kg`
  return bandN !== undefined ? ` against ${bandN} N` : ''
}

/**
 * How far a set goes, in words.
 *
 * @example
 * effortText({ effort: 0.58 }, {}) // => 'One set goes about 60 % of the way to the own limit.'
 */
export function effortText({ effort }: Pick<Effort, 'effort'>, setting: SettingValues): string {
  return `One set${loadText(setting)} goes about ${Math.round(effort * 10) * 10} % of the way to the own limit.`
}

function servesText(item: TrunkItem, variation: Variation, context: PlanningContext): string {
  const found = itemEffort(item, context)
  if (!found) return 'Nobody knows this drill any more.'
  if (found.kind === 'fast') return 'Fast and fresh: few, and each as fast as it goes.'
  const serves = mostServed(found.fullSets)
  if (!serves) return 'It wakes, opens or teaches, and is not counted as work.'
  const weak = serves === context.weakLink ? ', the weak link' : ''
  const side = item.extraSetSide ? ` One more set on the ${item.extraSetSide}.` : ''
  return `To ${ACTION_FACTS[serves].label}${weak}. ${effortText(found.effort, item.setting)}${side}`
}

/** Why a rung below the present one. */
function rungText({ branch, rung }: Variation, { screen }: PlanningContext): string {
  const below = (screen.rungs[branch] ?? rung) - rung
  if (below <= 0) return ''
  return below === 1 ? 'One rung below the present one.' : `${below} rungs below the present one.`
}

/** How a drill stands to last week's; empty where it is new. */
function progressText(
  item: TrunkItem, { id, sides }: Variation, last: Pick<TrunkItem, 'dose' | 'setting'> | null,
  { progress, decided }: PlanningContext,
): string {
  if (decided?.[id]?.dose.amount === item.dose.amount) return 'As a coach has decided.'
  if (!last) return ''
  const [now, then] = [item, last].map(one => `${formatDose(one.dose, sides)}${loadText(one.setting)}`)
  if (now !== then) return `From ${then} last week.`
  if (progress[id] === undefined) return 'As last week: nothing is logged of it since.'
  return progress[id] === 'stay' ? 'It stays: not every set of last week was clean and in hand.' : ''
}

function placeText(
  item: TrunkItem, variation: Variation, session: PlannedSession, context: PlanningContext,
): string {
  if (dayKindOf(session.day, context.competitionDays) === 'dayBefore') return 'Activation only: competition tomorrow.'
  const heavy = session.lifts.find(isHeavyAxial)
  const partner = session.lifts.find(lift => lift.id === item.pairedWith)
  const liftName = partner ? liftFacts(partner.lift).name.toLowerCase() : 'lift'
  switch (item.slot) {
    case 'activation': return heavy ? `Before the ${liftFacts(heavy.lift).name.toLowerCase()}.` : 'To start with.'
    case 'paired': return `In the rests of the ${liftName}: it tires nothing that lift needs.`
    case 'inside': return `Inside the ${liftName}: hold first, then move.`
    case 'home': return 'At home, with what is at hand there.'
    case 'after':
      if (session.lifts.length === 0) return 'No lifts today: the trunk is fresh.'
      return heavy && variation.fatigue >= 3
        ? 'After the heavy lifting, so that it takes nothing from it.'
        : 'After the lifts.'
    case 'finisher': return 'A steady finish that harms nothing later today.'
  }
}
