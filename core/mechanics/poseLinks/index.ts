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
import { plankLimbs } from './plankLimbs'
import { posterior } from './posterior'
import { pressOut } from './pressOut'
import { quadruped } from './quadruped'
import { rollout } from './rollout'
import { rotation } from './rotation'
import { sidePlank } from './sidePlank'
import type { Links } from './link'

export type { NoPose, PoseLink } from './link'

/** Every variation of the catalogue with its pose, or the reason why it has none. */
export const POSE_LINKS: Links = {
  ...balance, ...brace, ...carries, ...compression, ...deadBug, ...flexion, ...frontPlank, ...hollow, ...insideLift,
  ...levers, ...plankLimbs, ...posterior, ...pressOut, ...quadruped, ...rollout, ...rotation, ...sidePlank,
}
