import { ASSUMED, type Body } from '../../anatomy'
import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type PoseSpec, type Skeleton } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, dot, minus, times, unit, type Vector } from '../vector'
import { both, leaning, limb, rad } from './directions'
import { SIDES, type Side } from './stance'

export const FORWARD: Vector = [1, 0, 0]
/** A plate lies half way between T12 and the shoulder blades, share of stature. */
const PLATE = (ASSUMED.thoracolumbar + ASSUMED.shoulderBlades) / 2

export const plateSetting = setting('Weight on the back', 'kg', 0, 60, 2.5, 0)
export const handsUp = setting('Hands raised', 'cm', 0, 120, 5, 0)
const feetUp = setting('Feet raised', 'cm', 0, 90, 5, 0)
/** Arms this far ahead of square to the trunk are held by the shoulder altogether: our own estimate. */
const SHOULDER_HOLDS_DEG = 30
/** As steep as the ground still holds a push (friction of about a half), and the hips as high as they are modelled. */
const FRICTION_DEG = 27
const HIPS_HIGH_DEG = 30
/** With the hips this high the body stands on its arms as on struts, however far the shoulders are open. */
const PIKED_DEG = 5
const reach = setting('Elbows ahead of the shoulders', 'cm', 0, 30, 1, 0)
const hips = setting('Hips above the line', '°', 0, HIPS_HIGH_DEG, 1, 0)

/** Straight body: trunk and legs in one line, or folded a little at the hips. */
const bodyLine = (lean: number, hipDeg: number, onKnees: boolean): Pick<PoseSpec, 'pelvis' | 'legs'> => {
  const pelvis = leaning(lean)
  const thigh = limb(pelvis, hipDeg)
  const shank = onKnees ? ([-1, 0, 0] as Vector) : thigh
  return { pelvis, legs: both({ thigh, shank, foot: onKnees ? shank : limb(pelvis, hipDeg + 90) }) }
}

const footOf = (skeleton: Skeleton, body: Body, onKnees: boolean, side: Side): Vector =>
  onKnees ? add(skeleton.joints[`knee${side}`], [0, 0, -body.kneeHeightM]) : skeleton.joints[`ball${side}`]

/** A plate on the back. */
export function plate(skeleton: Skeleton, loadKg: number): Load[] {
  if (loadKg === 0) return []
  const { body, joints } = skeleton
  const along = unit(minus(joints.shoulder, joints.hip))
  return [{ at: add(joints.hip, times(along, PLATE * body.heightM)), forceN: [0, 0, -loadKg * G], above: true }]
}

/**
 * The force on a straight arm: along it while it stands square to the trunk, where the shoulder needs no strength of
 * its own. Reached farther ahead the shoulder holds more and more of it, until the floor pushes straight up.
 */
function alongArm(arm: Vector, up: Vector, hipsHighDeg: number): Vector {
  const pastSquareDeg = Math.asin(Math.min(1, Math.max(0, -dot(arm, up)))) * 180 / Math.PI
  const held = Math.min(1, pastSquareDeg / SHOULDER_HOLDS_DEG)
    * Math.max(0, 1 - hipsHighDeg / PIKED_DEG)
  return unit(add(times(arm, 1 - held), times([0, 0, 1], held)))
}

/**
 * The force on feet whose hips stand above the line: the body leans on its legs as on a strut, more the higher the hips
 * and as far as the ground's friction holds. That is what makes a piked plank easy (our own estimate).
 */
function strut(leg: Vector, hipsHighDeg: number): { along?: Vector } {
  if (hipsHighDeg === 0) return {}
  const strutDeg = Math.min(Math.atan2(Math.abs(leg[0]), Math.abs(leg[2])) * 180 / Math.PI, FRICTION_DEG)
  const by = rad(strutDeg * Math.min(1, hipsHighDeg / HIPS_HIGH_DEG))
  return { along: [Math.sin(by), 0, Math.cos(by)] }
}

function elbowPlank(onKnees: boolean): Model {
  const facts = {
    loadKg: plateSetting, elbowReachCm: reach, feetRaisedCm: feetUp, hipsHighDeg: hips,
    elbowsRaisedCm: { ...handsUp, label: 'Elbows raised' },
  }
  return defineModel(onKnees ? 'elbowPlankKnees' : 'elbowPlank', 'side', facts, (body, s) => {
    const lift = (s.elbowsRaisedCm - s.feetRaisedCm) / 100
    const forward = Math.asin(Math.min(0.95, s.elbowReachCm / 100 / body.lengthM.upperArm))
    const upper: Vector = [Math.sin(forward), 0, -Math.cos(forward)]
    const make = (lean: number): Skeleton =>
      placed(body, { ...bodyLine(lean, s.hipsHighDeg, onKnees), arms: both({ upper, fore: FORWARD, hand: FORWARD }) })
    const { x } = solve(
      ([lean]) => {
        const k = make(lean)
        return [k.joints.elbowLeft[2] - footOf(k, body, onKnees, 'Left')[2] - lift]
      },
      [80], 'elbowsRaisedCm',
    )
    const k = make(x[0])
    return {
      skeleton: k, loads: plate(k, s.loadKg),
      contacts: SIDES.flatMap((side): Contact[] => [
        {
          at: add(k.joints[`elbow${side}`], times(FORWARD, ASSUMED.forearmContact * body.lengthM.forearm)),
          above: true, grips: s.hipsHighDeg > 0, hand: true,
        },
        {
          at: footOf(k, body, onKnees, side), above: false, grips: true,
          ...strut(minus(k.joints[`hip${side}`], footOf(k, body, onKnees, side)), s.hipsHighDeg),
        },
      ]),
    }
  })
}

/**
 * On straight arms the force runs along the arm. On the feet the arm stands square to the trunk; on the knees, and with
 * feet that roll, upright.
 */
function handPlank(onKnees: boolean): Model {
  const facts = {
    loadKg: plateSetting, handsRaisedCm: handsUp, feetRaisedCm: feetUp, hipsHighDeg: { ...hips, max: 80 },
    handsAheadCm: setting('Hands ahead of there', 'cm', -10, 60, 1, 0),
    feetRoll: setting('Feet on the ground (0), on a ball or in rings (1)', '', 0, 1, 1, 0),
  }
  return defineModel(onKnees ? 'handPlankKnees' : 'handPlank', 'side', facts, (body, s) => {
    const lift = (s.handsRaisedCm - s.feetRaisedCm) / 100
    const make = (hipsDeg: number, lean: number, arm: number): Skeleton => {
      const upper: Vector = [Math.sin(arm), 0, -Math.cos(arm)]
      return placed(body, { ...bodyLine(lean, hipsDeg, onKnees), arms: both({ upper, fore: upper, hand: FORWARD }) })
    }
    const apart = (k: Skeleton): number => k.joints.palmLeft[0] - footOf(k, body, onKnees, 'Left')[0]
    const settle = (hipsDeg: number, off: (k: Skeleton, lean: number) => number): readonly [Skeleton, number] => {
      const { x } = solve(
        ([lean, arm]) => {
          const k = make(hipsDeg, lean, arm)
          return [k.joints.wristLeft[2] - footOf(k, body, onKnees, 'Left')[2] - lift, off(k, lean)]
        },
        [70 + hipsDeg * 0.7, 0.2 + hipsDeg / 100], s.handsAheadCm === 0 ? 'handsRaisedCm' : 'handsAheadCm',
      )
      return [make(hipsDeg, x[0], x[1]), x[0]]
    }
    const straight = settle(0, (k, lean) => {
      const toPalm = minus(k.joints.palmLeft, k.joints.shoulderLeft)
      const off = onKnees || s.feetRoll > 0 ? toPalm[0] : dot(toPalm, leaning(lean).up)
      return off - s.handsAheadCm / 100
    })
    // As the hips rise the hands stay where they were, and the shoulders open; feet that roll come in under the hips.
    const far = apart(straight[0])
    const [k, lean] = s.hipsHighDeg === 0
      ? straight
      : settle(s.hipsHighDeg, s.feetRoll > 0
        ? one => one.joints.palmLeft[0] - one.joints.shoulderLeft[0]
        : one => apart(one) - far)
    // Feet that roll take up nothing sideways: the hands can only push straight down.
    const along = (side: Side): Pick<Contact, 'along'> => {
      const arm = unit(minus(k.joints[`shoulder${side}`], k.joints[`palm${side}`]))
      return s.feetRoll > 0 ? {} : { along: alongArm(arm, leaning(lean).up, s.hipsHighDeg) }
    }
    return {
      skeleton: k, loads: plate(k, s.loadKg),
      contacts: SIDES.flatMap((side): Contact[] => [
        {
          at: k.joints[`palm${side}`], above: true, grips: false, hand: true,
          ...along(side),
        },
        { at: footOf(k, body, onKnees, side), above: false, grips: s.feetRoll === 0 },
      ]),
    }
  })
}

/** Front planks. */
export const PLANKS: readonly Model[] = [elbowPlank(false), elbowPlank(true), handPlank(false), handPlank(true)]
