import { perAction, type PerAction } from '../../catalogue'

/** What a sport asks of the trunk: weights over the eight actions, summing to 1. */
export interface SportProfile {
  readonly name: string
  /** Why the weights lean as they do, in one line. */
  readonly why: string
  readonly weights: PerAction
}

/**
 * Weights in the order resist arching, resist folding, fold, arch, resist side bend, side bend, resist turning, turn.
 */
function profile(
  name: string, why: string,
  parts: readonly [number, number, number, number, number, number, number, number],
): SportProfile {
  const [antiExtension, antiFlexion, flexion, extension, antiLateralFlexion, lateralFlexion, antiRotation, rotation] =
    parts
  const total = parts.reduce((a, b) => a + b)
  const weights = perAction(0)
  Object.assign(weights, {
    antiExtension, antiFlexion, flexion, extension, antiLateralFlexion, lateralFlexion, antiRotation, rotation,
  })
  for (const action of Object.keys(weights) as (keyof PerAction)[]) weights[action] /= total
  return { name, why, weights }
}

/** Defaults a coach may edit later; the weights are our own, in the direction of common practice, no source. */
export const SPORT_PROFILES = {
  striking: profile('Striking combat', 'Takes and passes on force: relaxed, then tight, from a low stance.', [
    18, 14, 4, 4, 16, 4, 22, 18,
  ]),
  grappling: profile('Grappling', 'Holds position against pulls from every side, and bridges out.', [
    18, 22, 8, 8, 16, 4, 16, 8,
  ]),
  throwing: profile('Throwing and batting', 'Loses force at an unstable link between ground and arm.', [
    18, 12, 6, 4, 14, 4, 22, 20,
  ]),
  racket: profile('Racket and club rotation', 'Turns fast and must brake the turn.', [14, 12, 4, 4, 16, 4, 26, 20]),
  running: profile('Endurance running', 'Trunk endurance and small turning over a quiet pelvis.', [
    22, 14, 4, 4, 24, 2, 24, 6,
  ]),
  cycling: profile('Cycling', 'Holds a bent position for hours while the legs push one at a time.', [
    20, 26, 2, 6, 18, 2, 22, 4,
  ]),
  paddling: profile('Paddling', 'Turns force from hip to blade, kneeling or seated, one side at a time.', [
    16, 18, 6, 6, 14, 4, 18, 18,
  ]),
  rowing: profile('Rowing', 'Passes leg drive through a folded trunk to the handle, stroke after stroke.', [
    16, 30, 6, 12, 12, 2, 16, 6,
  ]),
  swimming: profile('Swimming', 'A straight line in water, turning as one piece.', [28, 10, 6, 8, 12, 4, 18, 14]),
  barbell: profile('Barbell strength', 'Holds neutral against a forward pull.', [20, 34, 4, 6, 16, 2, 16, 2]),
  gymnastic: profile('Bodyweight skill and gymnastics', 'Straight line and compression.', [
    32, 10, 20, 10, 12, 4, 8, 4,
  ]),
  climbing: profile('Climbing', 'Stays tight at full reach.', [28, 12, 14, 8, 14, 4, 16, 4]),
  fieldCourt: profile('Field and court team sports', 'Lands, cuts and jumps from any position.', [
    20, 14, 4, 4, 20, 2, 24, 12,
  ]),
  collision: profile('Collision team sports', 'Takes hits from the front and side and drives through.', [
    20, 22, 4, 4, 20, 2, 22, 6,
  ]),
  boards: profile('Sliding and board sports', 'Balances over moving ground and starts turns from the hips.', [
    16, 18, 4, 4, 18, 4, 22, 14,
  ]),
  general: profile('General fitness', 'Everything a little; resisting first.', [20, 18, 6, 6, 18, 4, 20, 8]),
} as const satisfies Record<string, SportProfile>

export type SportProfileId = keyof typeof SPORT_PROFILES

/** Every profile id, in the order lists show them. */
export const SPORT_PROFILE_IDS = Object.keys(SPORT_PROFILES) as SportProfileId[]
