import type { Body } from '../../anatomy'
import { DomainError } from '../../errors'
import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type ArmPose, type LegPose, type Skeleton, type TrunkAxes } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, minus, norm, times, unit, type Vector } from '../vector'
import { armBy, both, leaning, legBy, limb, rad } from './directions'

const SIDES = ['Left', 'Right'] as const
const UPRIGHT = leaning(0)
const STANDING = both(legBy(UPRIGHT, 0))

const feet = (k: Skeleton, sides: readonly ('Left' | 'Right')[] = SIDES): Contact[] =>
  sides.flatMap(side => [
    { at: k.joints[`heel${side}`], above: false, grips: true },
    { at: k.joints[`ball${side}`], above: false, grips: true },
  ])
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
  overheadBothKg: setting('Both hands overhead', 'kg', 0, 100, 2.5, 0),
  armOutDeg: setting('Arms off the hips', '°', 0, 30, 1, 8),
}, (body, s) => {
  const hanging = (sign: number): ArmPose => {
    const d = limb(UPRIGHT, 0, sign * s.armOutDeg)
    return { upper: d, fore: d, hand: d }
  }
  const hugging = armBy(UPRIGHT, 15, 85)
  const raised = armBy(UPRIGHT, 178)
  const right = s.frontKg > 0 ? hugging : s.overheadRightKg > 0 || s.overheadBothKg > 0 ? raised : hanging(-1)
  const left = s.frontKg > 0 ? hugging : s.overheadBothKg > 0 ? raised : hanging(1)
  const k = placed(body, { pelvis: UPRIGHT, arms: { left, right }, legs: STANDING })
  const { joints } = k
  return {
    skeleton: k, contacts: feet(k), balanceAssumed: true,
    loads: [
      ...weight(joints.gripRight, s.rightKg + s.overheadRightKg), ...weight(joints.gripLeft, s.leftKg),
      ...weight(middle(joints.gripLeft, joints.gripRight), s.frontKg + s.overheadBothKg),
    ],
  }
})

/** Both hands at one place in front of the chest: elbows as far bent as the reach asks. */
function handsAt(body: Body, axes: TrunkAxes, target: Vector): { left: ArmPose, right: ArmPose } {
  const left: Vector = [0, 1, 0]
  const shoulder = times(axes.up, body.shoulderM)
  const one = (sign: number): ArmPose => {
    const from = add(shoulder, times(left, sign * body.shoulderHalfM))
    const to = minus(target, from)
    const [a, b] = [body.lengthM.upperArm, body.lengthM.forearm + body.comM.hand]
    const d = norm(to)
    if (d > a + b + 1e-9) throw new DomainError('reachPercent', 'That is farther than these arms reach.')
    // The elbow hangs below the line from shoulder to hands.
    const cos = Math.min(1, Math.max(-1, (a * a + d * d - b * b) / (2 * a * d)))
    const along = unit(to)
    const down = unit(add([0, 0, -1], times(along, along[2])))
    const upper = add(times(along, cos), times(down, Math.sqrt(1 - cos * cos)))
    const fore = unit(minus(to, times(upper, a)))
    return { upper, fore, hand: fore }
  }
  return { left: one(1), right: one(-1) }
}

/** Bent, the hands are this share of full reach in front of the shoulders. */
const CHEST = 0.47

/** The legs of a stance: they carry the picture and the ground, not the moment at L4/L5. */
function stanceOf(stance: number): { left: LegPose, right: LegPose } {
  const kneeling = legBy(UPRIGHT, 0, 90, 90)
  if (stance === 1) return both(kneeling)
  if (stance === 2) return { left: legBy(UPRIGHT, 90, 90), right: kneeling }
  return stance === 3 ? { left: legBy(UPRIGHT, 35, 35), right: legBy(UPRIGHT, -15, 20, 40) } : both(legBy(UPRIGHT, 0))
}

function stanceContacts(k: Skeleton, stance: number): Contact[] {
  const knee = (side: 'Left' | 'Right'): Contact => ({
    at: add(k.joints[`knee${side}`], [0, 0, -k.body.kneeHeightM]), above: false, grips: true,
  })
  if (stance === 1) return SIDES.map(knee)
  if (stance === 2) return [...feet(k, ['Left']), knee('Right')]
  return stance === 3 ? [...feet(k, ['Left']), { at: k.joints.ballRight, above: false, grips: true }] : feet(k)
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
  const k = placed(body, { pelvis: UPRIGHT, arms: handsAt(body, UPRIGHT, target), legs: stanceOf(s.stance) })
  const tilt = rad(s.pullUpDeg)
  const forceN: Vector = [0, s.bandN * Math.cos(tilt), -Math.abs(s.bandN) * Math.sin(tilt)]
  return {
    skeleton: k, contacts: stanceContacts(k, s.stance), balanceAssumed: true,
    loads: s.bandN === 0 ? [] : [{ at: target, forceN, above: true }],
  }
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
  const k = placed(body, { pelvis: axes, arms: handsAt(body, axes, target), legs: both(legBy(UPRIGHT, 0)) })
  return { skeleton: k, contacts: feet(k), loads: weight(target, s.loadKg), balanceAssumed: true }
})

/** Bowing at the hips on one leg or two, arms hanging, out or overhead, with or without a weight. */
const hinge = defineModel('hinge', 'side', {
  leanDeg: setting('Trunk leans forward', '°', 0, 90, 5, 60),
  armDeg: setting('Arms: 0 to the feet, 90 down, 180 ahead', '°', 0, 180, 5, 90),
  oneLeg: setting('One leg (1) or two (0)', '', 0, 1, 1, 0),
  loadKg: setting('Weight in the hands', 'kg', 0, 150, 2.5, 0),
}, (body, s) => {
  const t = leaning(s.leanDeg)
  const hanging: Vector = s.armDeg === 90 ? [0, 0, -1] : limb(t, s.armDeg)
  const legs = { left: s.oneLeg > 0 ? legBy(t, 0) : legBy(UPRIGHT, 10, 20), right: legBy(UPRIGHT, 10, 20) }
  const k = placed(body, { pelvis: t, arms: both({ upper: hanging, fore: hanging, hand: hanging }), legs })
  return {
    skeleton: k, contacts: feet(k, s.oneLeg > 0 ? ['Right'] : SIDES), balanceAssumed: true,
    loads: weight(middle(k.joints.gripLeft, k.joints.gripRight), s.loadKg),
  }
})

/**
 * At the bottom of a squat with the load before the shoulders or in the elbows: it stands over the middle of the foot.
 */
const frontSquat = defineModel('frontSquat', 'side', {
  barKg: setting('Load', 'kg', 0, 200, 2.5, 40),
  thighDeg: setting('Thighs below level', '°', -40, 25, 5, 0),
  shinDeg: setting('Shins lean forward', '°', 5, 40, 5, 25),
  aheadCm: setting('Load before the shoulders', 'cm', 0, 30, 1, 13),
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
  // The bar stands over the middle of the foot.
  const off = (lean: number): number =>
    bar(make(lean), lean)[0] - (make(lean).joints.heelLeft[0] + 0.5 * body.lengthM.foot)
  const { x } = solve(([lean]) => [off(lean)], [25], 'shinDeg')
  const k = make(x[0])
  return { skeleton: k, contacts: feet(k), loads: weight(bar(k, x[0]), s.barKg) }
})

/** Drills on the feet or the knees. */
export const STANDING_MODELS: readonly Model[] = [carry, pressOut, frontHeld, hinge, frontSquat]
