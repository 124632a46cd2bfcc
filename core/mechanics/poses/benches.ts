import { must } from '../../errors'
import { ASSUMED } from '../../anatomy'
import { defineModel, setting, type Model } from '../model'
import { placed } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, times, type Vector } from '../vector'
import { armBy, both, leaning, legBy, limb } from './directions'
import { SIDES } from './stance'



const OVERHEAD_DEG = 120

/** Face up over the end of a back-extension bench, feet hooked, the trunk out in the air. */
const benchTrunkUp = defineModel('benchTrunkUp', 'side', {
  trunkDeg: setting('Trunk above level', '°', -20, 60, 5, 0),
  armDeg: setting('Arms: 0 by the side, 180 overhead', '°', 0, 180, 5, 0),
  loadKg: setting('Weight on the chest, overhead from 120°', 'kg', 0, 20, 0.5, 0),
}, (body, s) => {
  const t = leaning(-90 + s.trunkDeg)
  // A weight lies on the chest until the arms are overhead: by the hips it would lie behind the cut and help.
  const hugs = s.loadKg > 0 && s.armDeg < OVERHEAD_DEG
  const arms = hugs ? armBy(t, 30, 130) : armBy(t, s.armDeg)
  const k = placed(body, { pelvis: t, arms: both(arms), legs: both(legBy(leaning(-90), 0)) })
  const chest = add(times(add(k.joints.thoracolumbar, k.joints.shoulder), 0.5), times(t.front, body.backDepthM))
  return {
    skeleton: k, loads: held(hugs ? chest : times(add(k.joints.gripLeft, k.joints.gripRight), 0.5), s.loadKg),
    contacts: [
      { at: add(k.joints.hip, [-0.02, 0, -body.backDepthM]), above: false, grips: true },
      ...SIDES.map((side): Contact => ({ at: k.joints[`ankle${side}`], above: false, grips: true, pulls: true })),
    ],
  }
})

/** Face up with the trunk on the pad, the legs out in the air. */
const benchLegsOut = defineModel('benchLegsOut', 'side', {
  legDeg: setting('Legs above level', '°', -20, 60, 5, 0),
  armDeg: setting('Arms: 0 by the side, 180 overhead', '°', 0, 180, 5, 180),
  loadKg: setting('Ball overhead', 'kg', 0, 15, 0.5, 0),
}, (body, s) => {
  const t = leaning(-90)
  const k = placed(body, { pelvis: t, arms: both(armBy(t, s.armDeg)), legs: both(legBy(t, s.legDeg, 0, 40)) })
  const back = (share: number): Vector =>
    add(k.joints.hip, times(t.up, share * body.heightM), times(t.front, -body.backDepthM))
  return {
    skeleton: k, loads: held(times(add(k.joints.gripLeft, k.joints.gripRight), 0.5), s.loadKg),
    contacts: [
      { at: back(ASSUMED.sacrum), above: false, grips: true },
      { at: back(ASSUMED.thoracolumbar), above: true, grips: true },
    ],
  }
})

/** Face down over the pad with hooked legs: the back extensors hold the trunk. */
const benchExtension = defineModel('benchExtension', 'side', {
  trunkDeg: setting('Trunk below level', '°', -15, 80, 5, 0),
  armDeg: setting('Arms: 0 by the side, 90 down, 180 ahead', '°', 0, 180, 5, 45),
  loadKg: setting('Weight in the arms', 'kg', 0, 40, 2.5, 0),
}, (body, s) => {
  const t = leaning(90 + s.trunkDeg)
  const k = placed(body, {
    pelvis: t, arms: both(armBy(t, s.armDeg, s.armDeg < 90 ? 100 : 0)), legs: both(legBy(leaning(90), 0)),
  })
  return {
    skeleton: k, loads: held(times(add(k.joints.gripLeft, k.joints.gripRight), 0.5), s.loadKg),
    contacts: [
      { at: add(k.joints.hip, [-0.05, 0, -body.backDepthM]), above: false, grips: true },
      ...SIDES.map((side): Contact => ({ at: k.joints[`ankle${side}`], above: false, grips: true, pulls: true })),
    ],
  }
})

/** Lying face down with arms and legs lifted: the floor carries the hips and ribs. */
const proneLift = defineModel('proneLift', 'side', {
  armDeg: setting('Arms: 0 by the side, 180 ahead', '°', 0, 180, 5, 180),
  liftDeg: setting('Lift', '°', 2, 25, 1, 8),
}, (body, s) => {
  const pelvis = leaning(90)
  const thorax = leaning(90 - s.liftDeg)
  const k = placed(body, { pelvis, thorax, arms: both(armBy(thorax, s.armDeg)), legs: both(legBy(pelvis, -s.liftDeg)) })
  const belly = (share: number): Vector =>
    add(k.joints.hip, times(pelvis.up, share * body.heightM), [0, 0, -body.backDepthM])
  return {
    skeleton: k, loads: [],
    contacts: [{ at: belly(-0.03), above: false, grips: true }, {
      at: belly(ASSUMED.thoracolumbar), above: true, grips: true,
    }],
  }
})

/** Pressing with one arm, half of the body off the bench: the load turns the trunk off it. */
const oneArmPress = defineModel('oneArmPress', 'side', {
  loadKg: setting('Dumbbell', 'kg', 0, 60, 1, 20),
  offPercent: setting('Body off the edge', '%', 0, 100, 5, 100),
}, (body, s) => {
  const t = leaning(-90)
  const up: Vector = [0, 0, 1]
  const k = placed(body, {
    pelvis: t,
    arms: { left: { upper: up, fore: up, hand: up }, right: armBy(t, 0) },
    legs: both(legBy(t, -10, 80)),
  })
  const edge = -0.49 * body.shoulderHalfM * s.offPercent / 100
  const [blades, sacrum] = [ASSUMED.shoulderBlades, ASSUMED.sacrum].map(share =>
    add(k.joints.hip, times(t.up, share * body.heightM), times(t.front, -body.backDepthM))
  )
  return {
    skeleton: k, loads: held(k.joints.gripLeft, s.loadKg),
    contacts: [
      { at: add(must(blades), [0, edge, 0]), above: true, grips: true },
      { at: add(must(sacrum), [0, edge, 0]), above: false, grips: true },
      ...SIDES.map((side): Contact => ({ at: k.joints[`heel${side}`], above: false, grips: true, pulls: true })),
    ],
  }
})

/** Rowing with one arm, the opposite hand and knee on the bench or that leg in the air. */
const oneArmRow = defineModel('oneArmRow', 'side', {
  loadKg: setting('Dumbbell', 'kg', 0, 60, 1, 16),
  leanDeg: setting('Trunk leans forward', '°', 45, 95, 5, 85),
  freeLeg: setting('Opposite leg in the air', '', 0, 1, 1, 0),
}, (body, s) => {
  const t = leaning(s.leanDeg)
  const down: Vector = [0, 0, -1]
  // The foot on the floor stands wide on the side of the weight, far enough that all of it stands inside.
  const stand = legBy(leaning(0), 20, 15, 0, s.freeLeg > 0 ? -8 : -28)
  const free = { thigh: limb(t, 0), shank: limb(t, 0), foot: limb(t, 60) }
  const k = placed(body, {
    pelvis: t, arms: both({ upper: down, fore: down, hand: down }),
    legs: { left: s.freeLeg > 0 ? free : { thigh: down, shank: [-1, 0, 0], foot: [-1, 0, 0] }, right: stand },
  })
  const floorKnee = add(k.joints.kneeLeft, [0, 0, -body.kneeHeightM])
  return {
    skeleton: k, loads: held(k.joints.gripRight, s.loadKg),
    contacts: [
      { at: k.joints.palmLeft, above: true, grips: true, hand: true },
      { at: k.joints.heelRight, above: false, grips: true }, { at: k.joints.ballRight, above: false, grips: true },
      ...(s.freeLeg > 0 ? [] : [{ at: floorKnee, above: false, grips: true }]),
    ],
    ...(s.freeLeg > 0 ? {} : { resting: ['lowerLegLeft'] as const }),
  }
})

function held(at: Vector, massKg: number): Load[] {
  return massKg > 0 ? [{ at, forceN: [0, 0, -massKg * G], above: true }] : []
}

/** Drills on or over a bench. */
export const BENCHES: readonly Model[] = [benchTrunkUp, benchLegsOut, benchExtension, proneLift, oneArmPress, oneArmRow]

