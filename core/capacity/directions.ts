import { poseOf, type Components, type Posed } from '../mechanics'
import type { Side } from '../dose'
import type { TrunkAction } from '../catalogue'

/** What a trunk holds against: arching, folding, and bending and turning, where either side has its own. */
export const CAPACITY_IDS = ['arch', 'fold', 'sideLeft', 'sideRight', 'turnLeft', 'turnRight'] as const
export type CapacityId = (typeof CAPACITY_IDS)[number]
/** Newton metres of our own model, or parts of them, by what is held against. */
export type PerCapacity = Readonly<Record<CapacityId, number>>

/** Capacities in words, as a coach reads them. */
export const CAPACITY_WORDS: Readonly<Record<CapacityId, string>> = {
  arch: 'against arching', fold: 'against folding', sideLeft: 'against side bend, left side',
  sideRight: 'against side bend, right side', turnLeft: 'against turning, left', turnRight: 'against turning, right',
}

/** The actions a capacity serves: the one that resists, and the one that makes the movement against the load. */
export const ACTIONS_OF: Readonly<Record<CapacityId, readonly [resists: TrunkAction, makes: TrunkAction]>> = {
  arch: ['antiExtension', 'flexion'], fold: ['antiFlexion', 'extension'],
  sideLeft: ['antiLateralFlexion', 'lateralFlexion'], sideRight: ['antiLateralFlexion', 'lateralFlexion'],
  turnLeft: ['antiRotation', 'rotation'], turnRight: ['antiRotation', 'rotation'],
}

/** Models computed lying on the left side; all other one-sided ones hold or pull with the right hand. */
const ON_THE_LEFT = ['sidePlank', 'sidePlankKnees', 'sideLever']

/**
 * The moment of a position by what holds against it, N·m, none below 0. A set on the other side than the one computed
 * asks the same of the other half of the trunk. A weight in the right hand asks the left side, a plank on the right
 * elbow the right one.
 *
 * @param side the side of the set; null: as computed
 * @example
 * asksOf({ sagittalNm: -121, frontalNm: 0, transverseNm: 0 }, { id: 'front-plank.elbows' }, null).arch // => 121
 */
export function asksOf(components: Components, drill: Posed, side: Side | null): PerCapacity {
  const { sagittalNm, frontalNm, transverseNm } = components
  const computed: Side = ON_THE_LEFT.includes(poseOf(drill)?.model ?? '') ? 'left' : 'right'
  const mirror = side === null || side === computed ? 1 : -1
  const [bend, turn] = [frontalNm * mirror, transverseNm * mirror]
  return {
    arch: Math.max(0, -sagittalNm), fold: Math.max(0, sagittalNm), sideLeft: Math.max(0, bend),
    sideRight: Math.max(0, -bend), turnRight: Math.max(0, turn), turnLeft: Math.max(0, -turn),
  }
}
