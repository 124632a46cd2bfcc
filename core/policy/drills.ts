import { mainAction, type Variation } from '../catalogue'
import type { Policy } from './lines'
import { phaseEmphasis } from '../rules/phaseEmphasis'
import type { PhaseId } from './phases'

/** Supports that give way under the athlete. */
const UNSTABLE = ['gymBall', 'straps', 'rings', 'pad'] as const
const isLoaded = (variation: Variation): boolean => variation.hazards.includes('loadedFlexion')
const bends = (variation: Variation): boolean =>
  mainAction(variation.shares) === 'flexion' && variation.mode !== 'isometric'
const usesHipFlexors = (variation: Variation): boolean =>
  variation.ladder === 'compression' || /leg-raise|knee-raise|hanging-pike/.test(variation.id)
const onlyUnstable = (variation: Variation): boolean =>
  variation.equipment.some(need => need.every(e => (UNSTABLE as readonly string[]).includes(e)))

/**
 * Why a policy leaves a drill out, in a sentence; null when it does not. The coach may put it in all the same: this is
 * taste, not safety.
 *
 * @example
 * policyRemoval(findVariation('flexion.crunch'), { ...DEFAULT_POLICY, flexion: 'off' }) // => 'The policy leaves bending drills out.'
 */
export function policyRemoval(variation: Variation, policy: Policy): string | null {
  if (policy.flexion === 'off' && bends(variation)) return 'The policy leaves bending drills out.'
  if (policy.flexion === 'unloaded' && isLoaded(variation)) return 'The policy leaves bending under load out.'
  if (policy.sideBends === 'off' && mainAction(variation.shares) === 'lateralFlexion')
    return 'The policy resists side bends and does not make them.'
  if (policy.hipFlexors === 'quieted' && usesHipFlexors(variation)) return 'The policy quiets the hip flexors for now.'
  if (policy.unstable === 'off' && onlyUnstable(variation)) return 'The policy leaves unstable supports out.'
  if (policy.standingRollout === 'off' && variation.id.startsWith('rollout.standing'))
    return 'The policy leaves the standing rollout out.'
  return null
}

/**
 * How much less than another a drill is liked, 0 and up, by what policy and phase lean to.
 *
 * @example
 * policyCost(findVariation('front-plank.elbows'), { ...DEFAULT_POLICY, emphasis: 'holds' }, null) // => 0
 */
export function policyCost(variation: Variation, policy: Policy, phase: PhaseId | null): number {
  const leansTo = ((): boolean => {
    switch (policy.emphasis) {
      case 'even':
        return true
      case 'holds':
        return variation.mode === 'isometric' || variation.mode === 'limbMoving'
      case 'line':
        return ['hollow', 'compression', 'levers'].includes(variation.ladder)
      case 'rotation':
        return variation.mode === 'ballistic' || mainAction(variation.shares) === 'rotation'
          || mainAction(variation.shares) === 'antiRotation'
      case 'lifts':
        return variation.mode === 'locomotor' || variation.insideLift === true
      case 'mixed':
        return variation.mode !== 'limbMoving'
    }
  })()
  const outside = phaseEmphasis.breaks({ mode: variation.mode, phase }).length > 0
  const teaches = policy.teacher !== 'frontSquat' || variation.id !== 'inside-lift.front-loaded-squat' ? 0 : -2
  return Math.max(0, (leansTo ? 0 : 4) + (outside ? phaseEmphasis.value : 0) + teaches)
}

/** What each place costs under a policy. */
const PLACE_COSTS: Readonly<Record<Policy['place'], Readonly<Record<string, number>>>> = {
  usual: {},
  early: { after: 4, finisher: 6 },
  warmUp: { paired: 4, after: 4, finisher: 6 },
  last: { activation: 3, paired: 4 },
  inside: { activation: 3, after: 4, finisher: 4 },
}

/**
 * How much less than another a place is liked.
 *
 * @param slot activation, paired, inside, after, finisher or home
 * @example
 * policyPlaceCost('finisher', { ...DEFAULT_POLICY, place: 'early' }) // => 6
 */
export function policyPlaceCost(slot: string, { place }: Policy): number {
  return PLACE_COSTS[place][slot] ?? 0
}

const WORK = { full: 1, reduced: 0.6, lifts: 0.35 } as const

/**
 * Factor on the weekly full sets of direct trunk work.
 *
 * @example
 * directWorkFactor({ ...DEFAULT_POLICY, directWork: 'reduced' }) // => 0.6
 */
export function directWorkFactor({ directWork }: Policy): number {
  return WORK[directWork]
}

const BENDING = { allowed: 1, limited: 0.5, unloaded: 1, off: 0 } as const

/**
 * Factor on the weekly full sets of bending.
 *
 * @example
 * bendingFactor({ ...DEFAULT_POLICY, flexion: 'limited' }) // => 0.5
 */
export function bendingFactor({ flexion }: Policy): number {
  return BENDING[flexion]
}

const CAPS = { c60: 60, c100: 100, c150: 150, none: Infinity } as const

/**
 * Bending cycles a week that are enough under a policy.
 *
 * @example
 * bendingCapOf({ ...DEFAULT_POLICY, bendingCap: 'none' }) // => Infinity
 */
export function bendingCapOf({ bendingCap }: Policy): number {
  return CAPS[bendingCap]
}
