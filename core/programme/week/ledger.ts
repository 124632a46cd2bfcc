import {
  ACTION_FACTS, perAction, planesOf, TRUNK_ACTIONS, type Catalogue, type PerAction, type Plane, type TrunkAction,
  type Variation,
} from '../../catalogue'
import { bracedRepS, timeUnderTensionS } from '../../dose'
import { roundOf } from './circuit'
import { liftFacts } from '../lifts/lifts'
import type { Band, Targets } from './targets'
import type { PlannedLift, TrunkItem, WeekPlan } from './week'

/** One line of the plane ledger: seconds under tension for one action. */
export interface LedgerLine {
  readonly action: TrunkAction
  readonly liftsS: number
  readonly drillsS: number
  readonly band: Band
  /** Seconds missing to the lower end of the band, 0 when inside. */
  readonly shortS: number
  /** Seconds that drills push past the upper end; what lifts alone do is not the drills' fault. */
  readonly overS: number
}

export interface Ledger {
  readonly lines: readonly LedgerLine[]
  readonly resistingS: number
  readonly makingS: number
  readonly leftS: number
  readonly rightS: number
  readonly isometricS: number
  readonly movingS: number
  /** Seconds of bending the spine, made and not held. */
  readonly bendingS: number
  /** Drills that train each plane. */
  readonly planes: Readonly<Record<Plane, number>>
}

/**
 * Seconds under tension a lift gives each action: reps x braced time x share.
 *
 * @throws DomainError `percent1Rm` outside 1-100.
 * @example
 * Math.round(liftActionSeconds({ id: 'a', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 80 }).antiFlexion) // => 56
 */
export function liftActionSeconds(planned: PlannedLift): PerAction {
  const lift = liftFacts(planned.lift)
  const bracedS = planned.sets * planned.reps * (lift.oneSided ? 2 : 1) * bracedRepS(lift.rep, planned.percent1Rm)
  const seconds = perAction(0)
  for (const action of TRUNK_ACTIONS) seconds[action] = bracedS * (lift.shares[action] ?? 0)
  return seconds
}

/**
 * Seconds under tension a trunk item gives each action: time under tension x share.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * itemActionSeconds({ variationId: 'side-plank.feet', dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 }, extraSetSide: null }, STANDARD).antiLateralFlexion // => 60
 */
export function itemActionSeconds(
  item: Pick<TrunkItem, 'variationId' | 'dose' | 'extraSetSide' | 'rounds'>, catalogue: Catalogue,
): PerAction {
  const seconds = perAction(0)
  for (const { variation, totalS } of workOf(item, catalogue)) {
    for (const action of TRUNK_ACTIONS) seconds[action] += totalS * (variation.shares[action] ?? 0)
  }
  return seconds
}

/** The drills of an item with their seconds: one, or one a round where a circuit changes them. */
function workOf(
  item: Pick<TrunkItem, 'variationId' | 'dose' | 'extraSetSide' | 'rounds'>,
  catalogue: Catalogue,
): { variation: Variation, totalS: number }[] {
  const parts = item.rounds
    ? Array.from(
      { length: item.dose.sets },
      (_, i) => ({ id: roundOf(item, i + 1).variationId, dose: { ...item.dose, sets: 1 } }),
    )
    : [{ id: item.variationId, dose: item.dose }]
  return parts.flatMap(({ id, dose }) => {
    const variation = catalogue.find(id)
    return variation
      ? [{ variation, totalS: timeUnderTensionS(dose, variation.sides, item.rounds ? null : item.extraSetSide) }]
      : []
  })
}

/**
 * Adds up a week: what lifts and drills give each action against its band, and the balances a coach looks at.
 *
 * @throws DomainError as the two functions above.
 * @example
 * weekLedger({ sessions: [] }, weeklyTargets({ sport: 'general', sessions: 0, trainingAgeYears: 1, weakLink: null }), STANDARD).resistingS // => 0
 */
export function weekLedger(plan: WeekPlan, targets: Targets, catalogue: Catalogue): Ledger {
  const lifts = perAction(0)
  const drills = perAction(0)
  const planes: Record<Plane, number> = { sagittal: 0, frontal: 0, transverse: 0 }
  let [leftS, rightS, isometricS, movingS, bendingS] = [0, 0, 0, 0, 0]
  for (const session of plan.sessions) {
    for (const planned of session.lifts) addTo(lifts, liftActionSeconds(planned))
    for (const item of session.items) {
      const variation = catalogue.find(item.variationId)
      if (!variation) continue
      const seconds = itemActionSeconds(item, catalogue)
      addTo(drills, seconds)
      const totalS = timeUnderTensionS(item.dose, variation.sides, item.extraSetSide)
      if (variation.mode === 'isometric') isometricS += totalS
      else movingS += totalS
      if (variation.mode !== 'isometric') bendingS += seconds.flexion
      if (variation.sides === 'each') {
        const setS = totalS / (item.dose.sets * 2 + (item.extraSetSide ? 1 : 0))
        leftS += setS * (item.dose.sets + (item.extraSetSide === 'left' ? 1 : 0))
        rightS += setS * (item.dose.sets + (item.extraSetSide === 'right' ? 1 : 0))
      }
      for (const plane of planesOf(variation.shares)) planes[plane] += 1
    }
  }
  const lines = TRUNK_ACTIONS.map((action): LedgerLine => {
    const doneS = lifts[action] + drills[action]
    const { lowS, highS } = targets[action]
    return {
      action,
      liftsS: lifts[action],
      drillsS: drills[action],
      band: targets[action],
      shortS: Math.max(0, lowS - doneS),
      overS: Math.min(drills[action], Math.max(0, doneS - highS)),
    }
  })
  const sumOf = (resists: boolean): number =>
    lines.reduce((sum, l) => sum + (ACTION_FACTS[l.action].resists === resists ? l.liftsS + l.drillsS : 0), 0)
  return { lines, resistingS: sumOf(true), makingS: sumOf(false), leftS, rightS, isometricS, movingS, bendingS, planes }
}

function addTo(total: PerAction, more: PerAction): void {
  for (const action of TRUNK_ACTIONS) total[action] += more[action]
}
