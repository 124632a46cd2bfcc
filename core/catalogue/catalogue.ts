import { balance } from './ladders/balance'
import { brace } from './ladders/brace'
import { carries } from './ladders/carries'
import { compression } from './ladders/compression'
import { deadBug } from './ladders/deadBug'
import { flexion } from './ladders/flexion'
import { frontPlank } from './ladders/frontPlank'
import { hollow } from './ladders/hollow'
import { insideLift } from './ladders/insideLift'
import { levers } from './ladders/levers'
import { plankWithLimbs } from './ladders/plankWithLimbs'
import { posterior } from './ladders/posterior'
import { pressOut } from './ladders/pressOut'
import { quadruped } from './ladders/quadruped'
import { rollout } from './ladders/rollout'
import { rotation } from './ladders/rotation'
import { sidePlank } from './ladders/sidePlank'
import type { Ladder, Variation } from './variation'

/** All ladders, in the order of teaching. */
export const LADDERS: readonly Ladder[] = [
  brace, frontPlank, plankWithLimbs, rollout, hollow, deadBug, quadruped, sidePlank, pressOut, carries, rotation,
  flexion, compression, levers, posterior, balance, insideLift,
]

/** All variations, ladder by ladder, ground rung first. */
export const VARIATIONS: readonly Variation[] = LADDERS.flatMap(ladder => ladder.rungs)

const byId = new Map(VARIATIONS.map(variation => [variation.id, variation]))

/**
 * The variation with this id, if the catalogue holds it.
 *
 * @example
 * findVariation('front-plank.elbows')?.rung // => 5
 */
export function findVariation(id: string): Variation | undefined {
  return byId.get(id)
}
