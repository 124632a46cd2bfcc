import { must } from '../../errors'
import { ACTION_FACTS, mainAction, type Variation } from '../../catalogue'
import { formatDose, type Dose } from '../../dose'
import { LIGHT_LOAD, nextDose } from '../../policy'
import { dayKindOf, isHeavyAxial } from '../../rules'
import type { PlanningContext } from '../week/context'
import { goalLadders } from './goal'
import { itemActionSeconds, type Ledger, type LedgerLine } from '../week/ledger'
import { liftFacts } from '../lifts/lifts'
import type { PlannedSession, TrunkItem } from '../week/week'

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
  const goal = goalLadders(context).has(variation.ladder) ? ' On the way to the goal.' : ''
  return `${servesText(item, variation, before, context)} ${rungText(variation, context)} ${
    placeText(item, variation, session, context)
  }${goal}`
}

/** Why this rung of the ladder. */
function rungText({ branch, rung }: Variation, { screen }: PlanningContext): string {
  const below = (screen.rungs[branch] ?? 1) - rung
  if (below <= 0) return `Rung ${rung}, the present one.`
  return `Rung ${rung}, ${below} below the present: easy on purpose or all that is open.`
}

/**
 * How a drill stands to last week's, inside a block; empty where it is new or unchanged for no reason worth saying.
 *
 * @param last its dose last week
 * @example
 * progressText(item, null, context) // => ''
 */
export function progressText(
  item: TrunkItem, last: Dose | null, { rules: { policy, block }, notHeld, screen }: PlanningContext,
): string {
  const variation = screen.catalogue.find(item.variationId)
  if (!last || !block || block.week === 1 || !variation) return ''
  if (notHeld.includes(item.variationId)) return ' It stays: a set broke early last week.'
  const now = formatDose(item.dose, variation.sides)
  const then = formatDose(last, variation.sides)
  const { loadFactor, gateMet } = nextDose(variation, last, policy, block, true)
  if (loadFactor > 1) return ` Add ${Math.round((loadFactor - 1) * 100)} % load.`
  if (now === then) return gateMet ? ' The gate’s numbers are met: look whether the next rung is due.' : ''
  return block.load < LIGHT_LOAD ? ` Lighter week: ${then} before.` : ` From ${then} last week.`
}

function servesText(item: TrunkItem, variation: Variation, before: Ledger, context: PlanningContext): string {
  const gain = itemActionSeconds(item, context.screen.catalogue)
  const met = ({ action, shortS }: LedgerLine): number => Math.min(gain[action], shortS)
  const most = before.lines.reduce((best, line) => (met(line) > met(best) ? line : best))
  const main = met(most) > 0 ? most.action : mainAction(variation.shares)
  if (!main) return 'It loads the trunk with nothing: it wakes, opens or teaches, and is not counted.'
  const line = must(before.lines.find(l => l.action === main))
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
    case 'inside': {
      const partner = session.lifts.find(lift => lift.id === item.pairedWith)
      return `Inside the ${partner ? liftFacts(partner.lift).name.toLowerCase() : 'lift'}: hold first, then move.`
    }
    case 'home': return 'At home, with what is at hand there.'
    case 'after':
      if (session.lifts.length === 0) return 'No lifts today: the trunk is fresh.'
      return heavy && variation.fatigue >= 3
        ? 'After the heavy lifting, so that it takes nothing from it.'
        : 'After the lifts.'
    case 'finisher': return 'A steady finish that harms nothing later today.'
  }
}
