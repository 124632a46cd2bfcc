import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type ArmPose, type Skeleton } from '../skeleton'
import { G, pressureOf, type Load } from '../statics'
import { add, times, unit, type Vector } from '../vector'
import { handsAt } from './handsAt'
import { armBy, both, leaning, legBy, limb, rad } from './directions'
import {
  halfKneeling, ON_BOTH_KNEES, onBothFeet, onOneFoot, soles, splitStance, stood, UPRIGHT, type Stance,
} from './stance'

const weight = (
  at: Vector, massKg: number,
): Load[] => (massKg > 0 ? [{ at, forceN: [0, 0, -massKg * G], above: true }] : [])
const middle = (a: Vector, b: Vector): Vector => times(add(a, b), 0.5)

/** Walking or standing with weights: by the side, in front, overhead. The feet are where balance needs them. */
const carry = defineModel('carry', 'front', {
  rightKg: setting('Right hand', 'kg', 0, 80, 2, 0),
  leftKg: setting('Left hand', 'kg', 0, 80, 2, 0),
  frontKg: setting('Held in front', 'kg', 0, 100, 2.5, 0),
  overheadRightKg: setting('Right hand overhead', 'kg', 0, 60, 2, 0),
  rackRightKg: setting('At the right shoulder', 'kg', 0, 60, 2, 0),
  overheadBothKg: setting('Both hands overhead', 'kg', 0, 100, 2.5, 0),
  armOutDeg: setting('Arms off the hips', '°', 0, 30, 1, 8),
}, (body, s) => {
  const hanging = (sign: number): ArmPose => {
    const d = limb(UPRIGHT, 0, sign * s.armOutDeg)
    return { upper: d, fore: d, hand: d }
  }
  const hugging = armBy(UPRIGHT, 15, 85)
  // Over the middle of the foot, behind the ears: what is held overhead arches.
  const raised = armBy(UPRIGHT, 184)
  const racked = armBy(UPRIGHT, 25, 140)
  const lifted = s.overheadRightKg > 0 || s.overheadBothKg > 0
  const right = s.frontKg > 0 ? hugging : s.rackRightKg > 0 ? racked : lifted ? raised : hanging(-1)
  const left = s.frontKg > 0 ? hugging : s.overheadBothKg > 0 ? raised : hanging(1)
  return stood(body, { pelvis: UPRIGHT, arms: { left, right } }, onBothFeet(), ({ joints }) => [
    ...weight(joints.gripRight, s.rightKg + s.overheadRightKg + s.rackRightKg), ...weight(joints.gripLeft, s.leftKg),
    ...weight(middle(joints.gripLeft, joints.gripRight), s.frontKg + s.overheadBothKg),
  ], 'rightKg')
})

/** Bent, the hands are this share of full reach in front of the shoulders. */
const CHEST = 0.47

/** Standing, both knees, half kneeling, split; the knee down or the foot behind is the one on the side of the pull. */
function stanceOf(stance: number, pull: number): Stance {
  const inside = pull >= 0 ? 'Left' : 'Right'
  if (stance === 1) return ON_BOTH_KNEES
  if (stance === 2) return halfKneeling(inside)
  return stance === 3 ? splitStance(inside === 'Left' ? 'Right' : 'Left') : onBothFeet()
}

/** A band or cable that pulls to one side while the hands go out; positive pulls to the left. */
const pressOut = defineModel('pressOut', 'front', {
  bandN: setting('Band pull', 'N', -300, 300, 5, 100),
  reachPercent: setting('Arms pressed out', '%', 0, 100, 5, 100),
  heightDeg: setting('Hands above shoulder height', '°', -45, 80, 5, 0),
  pullUpDeg: setting('Band from below (+) or above (-)', '°', -60, 60, 5, 0),
  stance: setting('Standing 0, both knees 1, half kneeling 2, split 3', '', 0, 3, 1, 0),
}, (body, s) => {
  const full = Math.sqrt((body.lengthM.upperArm + body.lengthM.forearm + body.comM.hand) ** 2 - body.shoulderHalfM ** 2)
  const out = full * (CHEST + (1 - CHEST) * s.reachPercent / 100)
  const [c, n] = [Math.cos(rad(s.heightDeg)), Math.sin(rad(s.heightDeg))]
  const target: Vector = [out * c, 0, body.shoulderM + out * n]
  const tilt = rad(s.pullUpDeg)
  const forceN: Vector = [0, s.bandN * Math.cos(tilt), -Math.abs(s.bandN) * Math.sin(tilt)]
  const upper = { pelvis: UPRIGHT, arms: handsAt(body, UPRIGHT, target) }
  return stood(body, upper, stanceOf(s.stance, s.bandN), () =>
    s.bandN === 0 ? [] : [{ at: target, forceN, above: true }], 'bandN')
})

/** A weight moved in front of the body: swung, stopped, or held at arm's length. */
const frontHeld = defineModel('frontHeld', 'side', {
  loadKg: setting('Weight', 'kg', 0, 40, 1, 6),
  reachPercent: setting('Arms pressed out', '%', 0, 100, 5, 100),
  aheadDeg: setting('Above shoulder height', '°', -45, 80, 5, 0),
  besideDeg: setting('To the side', '°', 0, 80, 5, 0),
  trunkLeanDeg: setting('Trunk leans forward', '°', 0, 60, 5, 0),
}, (body, s) => {
  const axes = leaning(s.trunkLeanDeg)
  const full = body.lengthM.upperArm + body.lengthM.forearm + body.comM.hand
  const dir = unit(add(limb(axes, 90 + s.aheadDeg), times([0, -1, 0], Math.tan(rad(Math.min(s.besideDeg, 70))))))
  const shoulder = times(axes.up, body.shoulderM)
  // As far as the farther arm reaches in that direction.
  const b = dir[1] * -body.shoulderHalfM
  const longest = -b + Math.sqrt(Math.max(0, b * b + full ** 2 - body.shoulderHalfM ** 2)) - 0.005
  const target = add(shoulder, times(dir, longest * (CHEST + (1 - CHEST) * s.reachPercent / 100)))
  const upper = { pelvis: axes, arms: handsAt(body, axes, target) }
  return stood(body, upper, onBothFeet(), () => weight(target, s.loadKg), 'loadKg')
})

/** Bowing at the hips on one leg or two, arms hanging, out or overhead, with a weight in both hands or in one. */
const hinge = defineModel('hinge', 'side', {
  leanDeg: setting('Trunk leans forward', '°', 0, 90, 5, 60),
  armDeg: setting('Arms: 0 to the feet, 90 down, 180 ahead', '°', 0, 180, 5, 90),
  oneLeg: setting('One leg (1) or two (0)', '', 0, 1, 1, 0),
  kneeDeg: setting('Knees bent', '°', 0, 90, 5, 20),
  loadKg: setting('Weight in both hands', 'kg', 0, 150, 2.5, 0),
  sideKg: setting('Weight in one hand', 'kg', 0, 80, 2, 0),
}, (body, s) => {
  const t = leaning(s.leanDeg)
  const down: Vector = s.armDeg === 90 || s.sideKg > 0 ? [0, 0, -1] : limb(t, s.armDeg)
  const stance = s.oneLeg > 0 ? onOneFoot('Right', s.kneeDeg, legBy(t, 0)) : onBothFeet(s.kneeDeg)
  return stood(body, { pelvis: t, arms: both({ upper: down, fore: down, hand: down }) }, stance, ({ joints }) => [
    ...weight(middle(joints.gripLeft, joints.gripRight), s.loadKg), ...weight(joints.gripRight, s.sideKg),
  ], 'leanDeg')
})

/**
 * At the bottom of a squat with the load before the shoulders or in the elbows: it stands over the middle of the foot.
 */
const frontSquat = defineModel('frontSquat', 'side', {
  barKg: setting('Load', 'kg', 0, 200, 2.5, 40),
  thighDeg: setting('Thighs below level', '°', -40, 25, 5, 0),
  shinDeg: setting('Shins lean forward', '°', 5, 40, 5, 25),
  aheadCm: setting('Load before the shoulders', 'cm', 0, 30, 1, 8),
}, (body, s) => {
  const shank: Vector = [-Math.sin(rad(s.shinDeg)), 0, -Math.cos(rad(s.shinDeg))]
  const thigh: Vector = [Math.cos(rad(s.thighDeg)), 0, Math.sin(rad(s.thighDeg))]
  const bar = (k: Skeleton, lean: number): Vector => add(k.joints.shoulder, times(leaning(lean).front, s.aheadCm / 100))
  const make = (lean: number): Skeleton => {
    const t = leaning(lean)
    return placed(body, {
      pelvis: t,
      arms: both({ upper: limb(t, 70), fore: limb(t, 190), hand: limb(t, 190) }),
      legs: both({ thigh, shank, foot: [1, 0, 0] }),
    })
  }
  const pressed = (lean: number): number => {
    const k = make(lean)
    const contacts = soles(k)
    return pressureOf(k, contacts, weight(bar(k, lean), s.barKg))[0] - middle(k.joints.heelLeft, k.joints.ballLeft)[0]
  }
  const { x } = solve(([lean]) => [pressed(lean)], [25], 'shinDeg')
  const k = make(x[0])
  return { skeleton: k, contacts: soles(k), loads: weight(bar(k, x[0]), s.barKg) }
})

/** Drills on the feet or the knees. */
export const STANDING_MODELS: readonly Model[] = [carry, pressOut, frontHeld, hinge, frontSquat]
