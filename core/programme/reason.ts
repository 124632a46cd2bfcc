import { ACTION_FACTS, mainAction, type Variation } from '../catalogue'
import { dayKindOf, type PlanningContext } from './context'
import { itemActionSeconds, type Ledger, type LedgerLine } from './ledger'
import { liftFacts } from './lifts'
import { isHeavyAxial } from './rules'
import type { PlannedSession, TrunkItem } from './week'

/**
 * Why an item is proposed and why it stands where it does, as a coach would say it aloud.
 * `before` is the ledger without the item.
 *
 * @example
 * reasonFor(item, variation, session, ledger, context).endsWith('.') // => true
 */
export function reasonFor(
  item: TrunkItem, variation: Variation, session: PlannedSession, before: Ledger, context: PlanningContext,
): string {
  return `${servesText(item, variation, before, context)} ${placeText(item, variation, session, context)}`
}

function servesText(item: TrunkItem, variation: Variation, before: Ledger, context: PlanningContext): string {
  const gain = itemActionSeconds(item, context.screen.catalogue)
  const met = ({ action, shortS }: LedgerLine): number => Math.min(gain[action], shortS)
  const most = before.lines.reduce((best, line) => (met(line) > met(best) ? line : best))
  const main = met(most) > 0 ? most.action : mainAction(variation.shares)
  const line = before.lines.find(l => l.action === main)!
  const { label, plane } = ACTION_FACTS[main]
  const gainS = Math.round(gain[main])
  const what = before.planes[plane] === 0
    ? `First drill in the ${plane} plane: ${label}`
    : `Serves ${label}`
  const need = needText(gainS, Math.round(line.shortS))
  const weak = main === context.weakLink ? '; the weak link' : ''
  const side = item.extraSetSide ? `, one more set on the ${item.extraSetSide}` : ''
  return `${what}${need}${weak}${side}.`
}

function needText(gainS: number, shortS: number): string {
  if (shortS <= 0) return `, ${gainS} s more`
  return gainS >= shortS ? `, all ${shortS} s still short` : `, ${gainS} s of the ${shortS} s still short`
}

function placeText(
  item: TrunkItem, variation: Variation, session: PlannedSession, context: PlanningContext,
): string {
  if (dayKindOf(session.day, context.competitionDays) === 'dayBefore') return 'Activation only: competition tomorrow.'
  const heavy = session.lifts.find(isHeavyAxial)
  switch (item.slot) {
    case 'activation':
      return heavy
        ? `Easy enough to wake the trunk before the ${liftFacts(heavy.lift).name.toLowerCase()}.`
        : 'Easy enough to start with.'
    case 'paired': {
      const partner = session.lifts.find(lift => lift.id === item.pairedWith)
      return partner
        ? `In the rests of the ${liftFacts(partner.lift).name.toLowerCase()}: it tires nothing that lift needs.`
        : 'In the rests between sets.'
    }
    case 'after':
      if (session.lifts.length === 0) return 'No lifts today: the trunk is fresh.'
      return heavy && variation.fatigue >= 3
        ? 'After the heavy lifting, so that it takes nothing from it.'
        : 'After the lifts.'
    case 'finisher': return 'A steady finish that harms nothing later today.'
  }
}
