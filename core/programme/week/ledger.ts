import {
  ACTION_FACTS, perAction, planesOf, TRUNK_ACTIONS, type PerAction, type Plane, type TrunkAction, type Variation,
} from '../../catalogue'
import { timeUnderTensionS } from '../../dose'
import { itemEffort, type ItemEffort } from '../worth/itemEffort'
import { liftFullSets } from '../worth/liftFullSets'
import type { PlanningContext } from './context'
import { itemDurationS } from './sessionLayout'
import type { Band, Targets } from './targets'
import type { TrunkItem, WeekPlan } from './week'

/** One line of the plane ledger: full sets for one action. */
export interface LedgerLine {
  readonly action: TrunkAction
  readonly lifts: number
  readonly drills: number
  readonly band: Band
  /** Full sets missing to the lower end of the band, 0 when inside. */
  readonly short: number
  /** Full sets that drills push past the upper end; what lifts alone do is not the drills' fault. */
  readonly over: number
}

export interface Ledger {
  readonly lines: readonly LedgerLine[]
  /** Full sets by lifts and drills that resist a movement, and that make one. */
  readonly resisting: number
  readonly making: number
  /** Fast repeats: never mixed with full sets. */
  readonly contacts: number
  /** Seconds of waking up, and of mobility: neither is counted as work. */
  readonly activationS: number
  readonly mobilityS: number
  /** Seconds under tension, as information. */
  readonly leftS: number
  readonly rightS: number
  readonly isometricS: number
  readonly movingS: number
  /** Drills that work in each plane. */
  readonly planes: Readonly<Record<Plane, number>>
}

/** Sums that grow item by item. */
interface Sums {
  contacts: number
  activationS: number
  mobilityS: number
  leftS: number
  rightS: number
  isometricS: number
  movingS: number
}

/**
 * Adds up a week: what lifts and drills give each action against its band in full sets of this athlete, and the
 * balances a coach looks at.
 *
 * @throws DomainError `tempo` when a written one cannot be read.
 * @example
 * weekLedger({ sessions: [] }, weeklyTargets({ sport: 'general', sessions: 0, trainingAgeYears: 1, weakLink: null }), context).resisting // => 0
 */
export function weekLedger(plan: WeekPlan, targets: Targets, context: PlanningContext): Ledger {
  const lifts = perAction(0)
  const drills = perAction(0)
  const planes: Record<Plane, number> = { sagittal: 0, frontal: 0, transverse: 0 }
  const sums: Sums = { contacts: 0, activationS: 0, mobilityS: 0, leftS: 0, rightS: 0, isometricS: 0, movingS: 0 }
  for (const session of plan.sessions) {
    for (const planned of session.lifts) addTo(lifts, liftFullSets(planned))
    for (const item of session.items) {
      const variation = context.screen.catalogue.find(item.variationId)
      const worth = itemEffort(item, context)
      if (!variation || !worth) continue
      addTo(drills, worth.fullSets)
      count(sums, item, variation, worth, context)
      if (worth.kind === 'work') for (const plane of planesOf(variation.shares)) planes[plane] += 1
    }
  }
  const lines = TRUNK_ACTIONS.map((action): LedgerLine => {
    const done = lifts[action] + drills[action]
    const { low, high } = targets[action]
    return {
      action, lifts: lifts[action], drills: drills[action], band: targets[action],
      short: Math.max(0, low - done), over: Math.min(drills[action], Math.max(0, done - high)),
    }
  })
  const sumOf = (resists: boolean): number =>
    lines.reduce((sum, l) => sum + (ACTION_FACTS[l.action].resists === resists ? l.lifts + l.drills : 0), 0)
  return { lines, resisting: sumOf(true), making: sumOf(false), planes, ...sums }
}

function count(
  sums: Sums, item: TrunkItem, variation: Variation, { kind, contacts }: ItemEffort, { screen }: PlanningContext,
): void {
  sums.contacts += contacts
  if (kind === 'activation' || kind === 'brace') sums.activationS += itemDurationS(item, screen.catalogue)
  if (kind === 'mobility') sums.mobilityS += itemDurationS(item, screen.catalogue)
  if (kind !== 'work') return
  const totalS = timeUnderTensionS(item.dose, variation.sides, item.extraSetSide)
  if (variation.mode === 'isometric') sums.isometricS += totalS
  else sums.movingS += totalS
  if (variation.sides !== 'each') return
  const setS = totalS / (item.dose.sets * 2 + (item.extraSetSide ? 1 : 0))
  sums.leftS += setS * (item.dose.sets + (item.extraSetSide === 'left' ? 1 : 0))
  sums.rightS += setS * (item.dose.sets + (item.extraSetSide === 'right' ? 1 : 0))
}

function addTo(total: PerAction, more: PerAction): void {
  for (const action of TRUNK_ACTIONS) total[action] += more[action]
}
