import { mainAction, mainFacts, PLANES, type Variation } from '../../catalogue'
import { bendingCapOf } from '../../policy'
import { bendingCycles, isHeavyAxial } from '../../rules'
import { removals } from '../../screening'
import { screenOn, type PlanningContext } from '../week/context'
import type { Ledger } from '../week/ledger'
import type { PlannedSession, TrunkItem, WeekPlan } from '../week/week'

/** The known mistakes of a routine made by hand (common practice, no source). */
export const MISTAKES = {
  onePlane: 'A plane is forgotten',
  onlySitUps: 'Sit-up variations and little else',
  making: 'More movement made than resisted',
  beyond: 'Beyond the present ability',
  repsForLoad: 'Repeats where load is meant',
  noIntegrated: 'No carries or integrated work',
  tackedOn: 'Tacked on at the end',
  bending: 'Bending cycles over the cap',
  menu: 'A huge menu',
} as const
export type Mistake = keyof typeof MISTAKES

/** One mistake found, where it is and what would mend it. */
export interface Finding {
  readonly mistake: Mistake
  readonly text: string
  readonly advice: string
  readonly itemIds: readonly string[]
}

/** Repeats a set from which a loaded drill is no longer about load (common practice, no source). */
export const REPS_FOR_LOAD = 15
/** Different drills a week from which variety serves nobody (common practice, no source). */
const MENU = 12

interface Known { readonly item: TrunkItem, readonly variation: Variation, readonly session: PlannedSession }

/**
 * Looks through a week, whoever made it, for the known mistakes.
 *
 * @param ledger the week's own
 * @example
 * auditWeek({ sessions: [] }, ledger, context) // => []
 */
export function auditWeek(plan: WeekPlan, ledger: Ledger, context: PlanningContext): Finding[] {
  const known = plan.sessions.flatMap(session => session.items.flatMap((item): Known[] => {
    const variation = context.screen.catalogue.find(item.variationId)
    return variation ? [{ item, variation, session }] : []
  }))
  if (known.length === 0) return []
  return [
    ...planeFindings(known), ...sitUpFindings(known), ...makingFindings(ledger), ...beyondFindings(known, context),
    ...loadFindings(known), ...integratedFindings(known), ...tackedOnFindings(plan, known),
    ...bendingFindings(known, bendingCapOf(context.rules.policy)), ...menuFindings(known),
  ]
}

const idsOf = (known: readonly Known[]): string[] => known.map(({ item }) => item.id)
const finding = (mistake: Mistake, text: string, advice: string, known: readonly Known[] = []): Finding => ({
  mistake, text, advice, itemIds: idsOf(known),
})
const planeOf = ({ variation }: Known): string | null => mainFacts(variation.shares)?.plane ?? null

function planeFindings(known: readonly Known[]): Finding[] {
  const missing = PLANES.filter(plane => !known.some(k => planeOf(k) === plane))
  if (missing.length === 0) return []
  return [
    finding(
      'onePlane', `No drill is mainly ${missing.join(' or ')}.`,
      `Give one drill of the week to the ${missing[0]} plane.`,
    ),
  ]
}

function sitUpFindings(known: readonly Known[]): Finding[] {
  const bends = known.filter(({ variation }) => mainAction(variation.shares) === 'flexion')
  if (bends.length < 2 || bends.length * 3 < known.length * 2) return []
  return [
    finding(
      'onlySitUps',
      `${bends.length} of ${known.length} drills bend the trunk forwards.`,
      'Keep one; let the others resist.', bends,
    ),
  ]
}

function makingFindings({ making, resisting }: Ledger): Finding[] {
  if (making <= resisting) return []
  return [
    finding(
      'making',
      `${making.toFixed(1)} full sets make a movement, ${resisting.toFixed(1)} resist one.`,
      'Resisting is the trunk’s first job: trade the longest moving drill for a hold.',
    ),
  ]
}

function beyondFindings(known: readonly Known[], context: PlanningContext): Finding[] {
  return known.flatMap((one) => {
    const found = removals(one.variation, screenOn(context, one.session.day)).find(({ rule }) =>
      ['rung', 'prerequisite', 'braceStep'].includes(rule)
    )
    return found
      ? [
        finding(
          'beyond', `${one.variation.name}: ${found.text}`, 'Step down to the athlete’s own rung of the ladder.', [one],
        ),
      ]
      : []
  })
}

function loadFindings(known: readonly Known[]): Finding[] {
  const meant = known.filter(({ item, variation }) =>
    item.dose.unit === 'reps' && item.dose.amount >= REPS_FOR_LOAD && variation.mode !== 'ballistic'
    && variation.settings.some(s => s === 'loadKg' || s === 'bandN')
  )
  return meant.map(one =>
    finding(
      'repsForLoad',
      `${one.variation.name}: ${one.item.dose.amount} repeats of a drill that is loaded.`,
      'Six to eight heavier ones do what is meant.', [one],
    )
  )
}

function integratedFindings(known: readonly Known[]): Finding[] {
  if (
    known.some(({ variation }) =>
      variation.mode === 'locomotor' || variation.insideLift
      || ['standing', 'splitStance', 'singleLeg', 'moving'].includes(variation.posture)
    )
  ) return []
  return [
    finding(
      'noIntegrated', 'Nothing is done on the feet, carried, or inside a lift.',
      'Add a carry or a drill on the feet: the best transfer is there.',
    ),
  ]
}

function tackedOnFindings(plan: WeekPlan, known: readonly Known[]): Finding[] {
  const lifting = plan.sessions.filter(({ lifts }) => lifts.length > 0)
  const inLifting = known.filter(({ session }) => lifting.includes(session))
  const late = inLifting.filter(({ item }) => item.slot === 'after' || item.slot === 'finisher')
  if (inLifting.length < 2 || late.length < inLifting.length) return []
  const heavy = lifting.some(session => session.lifts.some(isHeavyAxial))
  return [
    finding(
      'tackedOn', 'Every drill of the lifting days comes after the lifts.',
      heavy ? 'Wake the trunk before the heavy lifts and use the rests of the others.' : 'Use the rests between sets.',
      late,
    ),
  ]
}

function bendingFindings(known: readonly Known[], cap: number): Finding[] {
  const bends = known.filter(({ item, variation }) => bendingCycles(variation, item.dose) > 0)
  const cycles = bends.reduce((sum, { item, variation }) => sum + bendingCycles(variation, item.dose), 0)
  if (cycles <= cap) return []
  return [
    finding(
      'bending', `${cycles} bending cycles in the week; ${cap} are the cap.`,
      'Hold instead of bending, or halve the sets.', bends,
    ),
  ]
}

function menuFindings(known: readonly Known[]): Finding[] {
  const different = new Set(known.map(({ variation }) => variation.id)).size
  if (different <= MENU) return []
  return [
    finding('menu', `${different} different drills in one week.`, 'Keep the staples and let a few extras rotate.'),
  ]
}
