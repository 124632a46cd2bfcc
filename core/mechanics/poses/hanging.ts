import type { Body } from '../../anatomy'
import { DomainError } from '../../errors'
import { defineModel, setting, type Held, type Model } from '../model'
import { solve } from '../newton'
import { placed, type LegPose, type Skeleton } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, times, type Vector } from '../vector'
import { both, leaning, legBy, limb, rad } from './directions'
import { SIDES, UPRIGHT } from './stance'

/** The hands stand where they do for a body of this height. */
const WRITTEN_FOR_M = 1.8
const POINTED = 40
const hip = (standard: number) => setting('Hips bent', '°', 0, 170, 5, standard)
const knee = (standard: number) => setting('Knees bent', '°', 0, 140, 5, standard)
const ball = setting('Ball between the feet', 'kg', 0, 15, 0.5, 0)

const betweenFeet = (k: Skeleton, massKg: number): Load[] => massKg > 0
  ? [{ at: times(add(k.joints.ankleLeft, k.joints.ankleRight), 0.5), forceN: [0, 0, -massKg * G], above: false }]
  : []

/** The horizontal place of all weights together. */
function weightAt(k: Skeleton, loads: readonly Load[]): number {
  const mass = k.masses.reduce((sum, m) => sum + m.massKg, 0) - loads.reduce((sum, l) => sum + l.forceN[2] / G, 0)
  return (k.masses.reduce((sum, m) => sum + m.at[0] * m.massKg, 0)
    - loads.reduce((sum, l) => sum + l.at[0] * l.forceN[2] / G, 0)) / mass
}

const grips = (k: Skeleton): Contact[] =>
  SIDES.map(side => ({ at: k.joints[`grip${side}`], above: true, grips: true, pulls: true, hand: true }))

/** Hanging from a bar: arms and trunk swing in one line until the weight is under the hands. */
const hangingRaise = defineModel(
  'hangingRaise', 'side', { hipDeg: hip(90), kneeDeg: knee(80), ballKg: ball },
  (body, s): Held => {
    const make = (lean: number): { k: Skeleton, loads: Load[] } => {
      const t = leaning(lean)
      const up = limb(t, 180)
      const k = placed(body, {
        pelvis: t, arms: both({ upper: up, fore: up, hand: up }), legs: both(legBy(t, s.hipDeg, s.kneeDeg, POINTED)),
      })
      return { k, loads: betweenFeet(k, s.ballKg) }
    }
    const { x } = solve(
      ([lean]) => {
        const { k, loads } = make(lean)
        return [weightAt(k, loads) - k.joints.gripLeft[0]]
      },
      [-10], 'hipDeg',
    )
    const { k, loads } = make(x[0])
    return { skeleton: k, contacts: grips(k), loads }
  },
)

/** On the hands by the hips, legs held out: the arms lean until the weight is over the palms. */
const supportHold = defineModel('supportHold', 'side', {
  hipDeg: hip(90), kneeDeg: knee(0),
  trunkLeanDeg: setting('Trunk leans forward', '°', -20, 60, 5, 0),
}, (body, s) => {
  const t = leaning(s.trunkLeanDeg)
  const make = (arm: number): Skeleton => {
    const d: Vector = [Math.sin(rad(arm)), 0, -Math.cos(rad(arm))]
    return placed(body, {
      pelvis: t, arms: both({ upper: d, fore: d, hand: [1, 0, 0] }), legs: both(legBy(t, s.hipDeg, s.kneeDeg, POINTED)),
    })
  }
  const { x } = solve(([arm]) => [weightAt(make(arm), []) - make(arm).joints.palmLeft[0]], [10], 'hipDeg')
  const k = make(x[0])
  return {
    skeleton: k, loads: [],
    contacts: SIDES.map((side): Contact => ({ at: k.joints[`palm${side}`], above: true, grips: true, hand: true })),
  }
})

/** Sitting on the floor with straight legs in the air; hands behind, by the thighs or by the knees press down. */
const seatedRaise = defineModel('seatedRaise', 'side', {
  legs: setting('Legs in the air', '', 1, 2, 1, 2),
  raisedDeg: setting('Legs above the floor', '°', 0, 60, 5, 15),
  trunkLeanDeg: setting('Trunk leans forward', '°', -45, 45, 5, 0),
  handsAheadCm: setting('Hands ahead of the hips', 'cm', -40, 60, 5, 25),
  straddleDeg: setting('Legs apart', '°', 0, 60, 5, 0),
}, (body, s) => {
  const t = leaning(s.trunkLeanDeg)
  const raised = (out: number): LegPose => legBy(UPRIGHT, 90 + s.raisedDeg, 0, POINTED, out)
  const armM = body.lengthM.upperArm + body.lengthM.forearm
  const shoulderX = t.up[0] * body.shoulderM
  const slope = (s.handsAheadCm / 100 * body.heightM / WRITTEN_FOR_M - shoulderX) / armM
  if (Math.abs(slope) > 0.95) throw new DomainError('handsAheadCm', 'The hands do not reach there.')
  const arm: Vector = [slope, 0, -Math.sqrt(1 - slope * slope)]
  const k = placed(body, {
    pelvis: t, arms: both({ upper: arm, fore: arm, hand: [1, 0, 0] }),
    legs: { left: raised(s.straddleDeg), right: s.legs > 1 ? raised(-s.straddleDeg) : legBy(UPRIGHT, 90) },
  })
  const seat = add(k.joints.hip, [0, 0, -0.05 * body.heightM])
  const contacts: Contact[] = [
    { at: add(seat, [0.05, 0.1, 0]), above: false, grips: true },
    { at: add(seat, [0.05, -0.1, 0]), above: false, grips: true },
    { at: add(seat, [-0.08, 0, 0]), above: false, grips: true },
    ...SIDES.map((side): Contact => ({ at: k.joints[`palm${side}`], above: true, grips: true, hand: true })),
    ...(s.legs > 1 ? [] : [{ at: k.joints.heelRight, above: false, grips: true }]),
  ]
  return { skeleton: k, contacts, loads: [] }
})

/** A straight body held out level from the hands: face up under a bar, face down above it, or sideways on a pole. */
function lever(id: string, faceDown: boolean): Model {
  return defineModel(id, 'side', {
    hipDeg: setting('Hips bent', '°', 0, 120, 5, 0),
    kneeDeg: knee(0),
    straddleDeg: setting('Legs apart', '°', 0, 60, 5, 0),
    bodyDeg: setting('Body below level', '°', 0, 75, 5, 0),
  }, (body, s) => {
    const t = leaning(faceDown ? 90 + s.bodyDeg : -90 + s.bodyDeg)
    const make = (shoulder: number): Skeleton => {
      const d = limb(t, shoulder)
      const leg = (out: number): LegPose => legBy(t, s.hipDeg, s.kneeDeg, 0, out)
      return placed(body, {
        pelvis: t, arms: both({ upper: d, fore: d, hand: d }),
        legs: { left: leg(s.straddleDeg), right: leg(-s.straddleDeg) },
      })
    }
    const { x } = solve(([shoulder]) => [weightAt(make(shoulder), []) - make(shoulder).joints.gripLeft[0]], [
      faceDown ? -60 : 60 + s.bodyDeg,
    ], 'bodyDeg')
    const k = make(x[0])
    return { skeleton: k, contacts: grips(k), loads: [] }
  })
}

/** Sideways from a pole: both hands on it, the upper pulls and the lower pushes. */
const sideLever = defineModel('sideLever', 'side', {
  bodyDeg: setting('Body above level', '°', 0, 60, 5, 0), legsApartDeg: setting('Legs apart', '°', 0, 50, 5, 0),
}, (body: Body, s) => {
  const [c, n] = [Math.cos(rad(s.bodyDeg)), Math.sin(rad(s.bodyDeg))]
  // Head to the pole at -x; the body stands out to +x, chest to -y.
  const pelvis = { up: [-c, 0, -n] as Vector, front: [0, -1, 0] as Vector }
  const top: Vector = [-0.8, 0, 0.6]
  const low: Vector = [-0.8, 0, -0.6]
  const k = placed(body, {
    pelvis,
    arms: { left: { upper: low, fore: low, hand: low }, right: { upper: top, fore: top, hand: top } },
    legs: {
      left: {
        thigh: limb(pelvis, 0, s.legsApartDeg / 2), shank: limb(pelvis, 0, s.legsApartDeg / 2), foot: limb(pelvis, 0),
      },
      right: {
        thigh: limb(pelvis, 0, -s.legsApartDeg / 2), shank: limb(pelvis, 0, -s.legsApartDeg / 2), foot: limb(pelvis, 0),
      },
    },
  })
  // The pole takes a force and a couple; at L4/L5 only what lies beyond the cut counts, so one clamped point stands for
  // both hands.
  const com = k.masses.reduce<Vector>((sum, m) => add(sum, times(m.at, m.massKg / body.massKg)), [0, 0, 0])
  return {
    skeleton: k, loads: [],
    contacts: [{ at: [com[0], com[1], k.joints.gripRight[2]], above: true, grips: true, pulls: true, hand: true }],
  }
})

/** Drills that hang from, or stand on, the hands. */
export const HANGING: readonly Model[] = [
  hangingRaise, supportHold, seatedRaise, lever('frontLever', false), lever('backLever', true), sideLever,
]
