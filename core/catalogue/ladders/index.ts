import type { Ladder } from '../variation'
import { balance } from './balance'
import { brace } from './brace'
import { carries } from './carries'
import { compression } from './compression'
import { deadBug } from './deadBug'
import { flexion } from './flexion'
import { frontPlank } from './frontPlank'
import { hollow } from './hollow'
import { insideLift } from './insideLift'
import { levers } from './levers'
import { plankWithLimbs } from './plankWithLimbs'
import { posterior } from './posterior'
import { pressOut } from './pressOut'
import { quadruped } from './quadruped'
import { rollout } from './rollout'
import { rotation } from './rotation'
import { sidePlank } from './sidePlank'

/** The seventeen ladders, in the order of teaching. */
export const STANDARD_LADDERS: readonly Ladder[] = [
  brace, frontPlank, plankWithLimbs, rollout, hollow, deadBug, quadruped, sidePlank, pressOut, carries, rotation,
  flexion, compression, levers, posterior, balance, insideLift,
]
