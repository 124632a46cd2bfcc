/** A place where the computed order differs from the ladder's, and which of the two is right. */
export interface OrderNote {
  readonly easier: string
  readonly harder: string
  readonly right: 'ladder' | 'moment'
  readonly why: string
}

const ladder = (easier: string, harder: string, why: string): OrderNote => ({ easier, harder, right: 'ladder', why })

/**
 * Neighbouring rungs whose computed moment does not rise, with the reason. A rung may be harder for what a moment does
 * not tell: balance, the shoulder, the length of time, or another plane.
 */
export const ORDER_NOTES: readonly OrderNote[] = [
  ladder('plank-limbs.leg-lift', 'plank-limbs.shoulder-tap', 'The arm leaves the floor again and again: the twist comes and goes, and the shoulder that stays carries all.'),
  ladder('plank-limbs.shoulder-tap', 'plank-limbs.arm-reach', 'The reach is held; the tap is short.'),
  ladder('rollout.wheel-kneeling', 'rollout.barbell', 'A bar is higher and heavier to bring back; its moment at full reach is slightly less.'),
  ladder('dead-bug.heel-taps', 'dead-bug.hands-on-thighs', 'The hands press against the thighs: forces inside the body, which an outside moment does not see.'),
  ladder('dead-bug.hands-on-thighs', 'dead-bug.hand-to-opposite-knee', 'The same, across: it adds turning from inside.'),
  ladder('quadruped.leg-only', 'quadruped.opposite-arm-leg', 'The hand that is lifted takes support away: balance, not moment, is the step.'),
  ladder('quadruped.knees-hovering', 'quadruped.crawl', 'The same pose, now moving.'),
  ladder('quadruped.crawl', 'quadruped.crawl-sideways', 'The same pose, now sideways.'),
  ladder('side-plank.feet', 'side-plank.top-leg-raised', 'The raised leg asks for the hip; at the trunk little changes.'),
  ladder('side-plank.top-leg-raised', 'side-plank.hip-lifts', 'Movement through the line in place of a hold.'),
  ladder('side-plank.weight-on-hip', 'side-plank.band-push', 'The band adds turning to the side bend, another plane; the side bend itself is that of the plain plank.'),
  ladder('press-out.split-stance-hold', 'press-out.letters', 'The hands move while the trunk holds: it is the time and the changing direction.'),
  ladder('carries.front-held', 'carries.overhead', 'Overhead is limited by the shoulder and by balance.'),
  ladder('rotation.lift-half-kneeling', 'rotation.chop-half-kneeling', 'The same pull from above.'),
  ladder('flexion.curl-up', 'flexion.crunch', 'The higher the curl, the shorter the lever of the head: the crunch is harder for its range and its repeats.'),
  ladder('flexion.crunch', 'flexion.reverse-crunch', 'Curling from the pelvis is learnt later; its moment is less than with arms up.'),
  ladder('inside-lift.opposite-limb-row', 'inside-lift.half-bench-press', 'Depends on the dumbbells; the bench takes one support away.'),
  ladder('inside-lift.half-bench-press', 'inside-lift.press-out-split-squat', 'The legs work while the band pulls.'),
  ladder('inside-lift.front-loaded-squat', 'inside-lift.one-arm-overhead-press', 'Overhead and to one side: another plane, less load.'),
]
