import { ASSUMED, type Body } from '../../anatomy'
import { defineModel, setting, type Held, type Model } from '../model'
import { solve } from '../newton'
import { placed, type PoseSpec, type Skeleton } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, minus, times, unit, type Vector } from '../vector'
import { both, leaning, limb, rad } from './directions'

const SIDES = ['Left', 'Right'] as const
const FORWARD: Vector = [1, 0, 0]
/** A plate lies half way between T12 and the shoulder blades, share of stature. */
const PLATE = (ASSUMED.thoracolumbar + ASSUMED.shoulderBlades) / 2

const load = setting('Weight on the back', 'kg', 0, 60, 2.5, 0)
const handsUp = setting('Hands raised', 'cm', 0, 120, 5, 0)
const feetUp = setting('Feet raised', 'cm', 0, 90, 5, 0)
const reach = setting('Elbows ahead of the shoulders', 'cm', 0, 30, 1, 0)
const hips = setting('Hips above the line', '°', 0, 30, 1, 0)

/** Straight body: trunk and legs in one line, or folded a little at the hips. */
const bodyLine = (lean: number, hipDeg: number, onKnees: boolean): Pick<PoseSpec, 'pelvis' | 'legs'> => {
  const pelvis = leaning(lean)
  const thigh = limb(pelvis, hipDeg)
  const shank = onKnees ? ([-1, 0, 0] as Vector) : thigh
  return { pelvis, legs: both({ thigh, shank, foot: onKnees ? shank : limb(pelvis, hipDeg + 90) }) }
}

const footOf = (skeleton: Skeleton, body: Body, onKnees: boolean, side: 'Left' | 'Right'): Vector =>
  onKnees ? add(skeleton.joints[`knee${side}`], [0, 0, -body.kneeHeightM]) : skeleton.joints[`ball${side}`]

function plate(skeleton: Skeleton, loadKg: number): Load[] {
  if (loadKg === 0) return []
  const { body, joints } = skeleton
  const along = unit(minus(joints.shoulder, joints.hip))
  return [{ at: add(joints.hip, times(along, PLATE * body.heightM)), forceN: [0, 0, -loadKg * G], above: true }]
}

/** Hands and feet at their heights, on the ground of the picture: the lower one stands at zero. */
function held(skeleton: Skeleton, contacts: Contact[], loads: Load[]): Held {
  return { skeleton, contacts, loads }
}

function elbowPlank(onKnees: boolean): Model {
  const facts = {
    loadKg: load, elbowReachCm: reach, feetRaisedCm: feetUp, elbowsRaisedCm: { ...handsUp, label: 'Elbows raised' },
    hipsHighDeg: hips,
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
    return held(
      k,
      SIDES.flatMap((side): Contact[] => [
        {
          at: add(k.joints[`elbow${side}`], times(FORWARD, ASSUMED.forearmContact * body.lengthM.forearm)),
          above: true, grips: false, hand: true,
        },
        { at: footOf(k, body, onKnees, side), above: false, grips: true },
      ]),
      plate(k, s.loadKg),
    )
  })
}

/**
 * On straight arms the force runs along the arm. On the feet the arm stands square to the trunk, on the knees upright.
 */
function handPlank(onKnees: boolean): Model {
  const facts = {
    loadKg: load, handsRaisedCm: handsUp, feetRaisedCm: feetUp, hipsHighDeg: hips,
    handsAheadCm: setting('Hands ahead of there', 'cm', -10, 60, 1, 0),
  }
  return defineModel(onKnees ? 'handPlankKnees' : 'handPlank', 'side', facts, (body, s) => {
    const lift = (s.handsRaisedCm - s.feetRaisedCm) / 100
    const make = (lean: number, arm: number): Skeleton => {
      const upper: Vector = [Math.sin(arm), 0, -Math.cos(arm)]
      return placed(body, {
        ...bodyLine(lean, s.hipsHighDeg, onKnees), arms: both({ upper, fore: upper, hand: FORWARD }),
      })
    }
    const { x } = solve(
      ([lean, arm]) => {
        const k = make(lean, arm)
        const toPalm = minus(k.joints.palmLeft, k.joints.shoulderLeft)
        const { up } = leaning(lean)
        const off = onKnees ? toPalm[0] : toPalm[0] * up[0] + toPalm[2] * up[2]
        return [k.joints.wristLeft[2] - footOf(k, body, onKnees, 'Left')[2] - lift, off - s.handsAheadCm / 100]
      },
      [70, 0.2], s.handsAheadCm === 0 ? 'handsRaisedCm' : 'handsAheadCm',
    )
    const k = make(x[0], x[1])
    return held(
      k,
      SIDES.flatMap((side): Contact[] => [
        {
          at: k.joints[`palm${side}`], above: true, grips: false, hand: true,
          along: unit(minus(k.joints[`shoulder${side}`], k.joints[`palm${side}`])),
        },
        { at: footOf(k, body, onKnees, side), above: false, grips: true },
      ]),
      plate(k, s.loadKg),
    )
  })
}

/** A plank with an arm, a leg or both off the floor; the body may shift over what stays, or hang on in the middle. */
const liftedPlank = (armUp: boolean, legUp: boolean, id: string): Model =>
  defineModel(id, 'side', {
    feetApartCm: setting('Feet apart', 'cm', 10, 100, 5, 60),
    shiftPercent: setting('Weight shifted over', '%', 0, 100, 5, 50),
    handsRaisedCm: handsUp,
  }, (body, s) => {
    const splay =
      Math.asin(Math.min(0.5, (s.feetApartCm / 200 - body.hipHalfM) / (body.lengthM.thigh + body.lengthM.shank))) * 180
      / Math.PI
    const make = (lean: number): Skeleton => {
      const pelvis = leaning(lean)
      const upper: Vector = [0, 0, -1]
      const legs = (out: number) => ({
        thigh: limb(pelvis, 0, out), shank: limb(pelvis, 0, out), foot: limb(pelvis, 90),
      })
      const reaching = limb(pelvis, 180)
      return placed(body, {
        pelvis,
        arms: {
          left: { upper, fore: upper, hand: FORWARD },
          right: armUp ? { upper: reaching, fore: reaching, hand: reaching } : { upper, fore: upper, hand: FORWARD },
        },
        legs: {
          left: legUp ? { thigh: limb(pelvis, -12), shank: limb(pelvis, -12), foot: limb(pelvis, 40) } : legs(splay),
          right: legs(-splay),
        },
      })
    }
    const { x } = solve(
      ([lean]) => [make(lean).joints.wristLeft[2] - make(lean).joints.ballRight[2] - s.handsRaisedCm / 100],
      [72], 'handsRaisedCm',
    )
    const k = make(x[0])
    const contacts: Contact[] = SIDES.flatMap((side): Contact[] => [
      ...(armUp && side === 'Right' ? [] : [{ at: k.joints[`palm${side}`], above: true, grips: true, hand: true }]),
      ...(legUp && side === 'Left' ? [] : [{ at: k.joints[`ball${side}`], above: false, grips: true }]),
    ])
    // Shifting moves the body over its supports: the same as moving these under it.
    const centre = contacts.reduce((sum, c) => sum + c.at[1], 0) / contacts.length
    const toward = contacts.length === 2 ? centre : Math.min(...contacts.filter(c => c.hand).map(c => c.at[1]))
    const shift = contacts.length === 4 ? 0 : toward * s.shiftPercent / 100
    return {
      ...held(k, contacts.map(c => ({ ...c, at: [c.at[0], c.at[1] - shift, c.at[2]] as Vector })), []),
      balanceAssumed: contacts.length === 2,
    }
  })

/** On hands and knees, with an arm, a leg or both reached out, or the knees just off the floor. */
const quadruped = (id: string, armUp: boolean, legUp: boolean, hovering: boolean): Model =>
  defineModel(id, 'side', {
    shiftPercent: setting('Weight shifted over', '%', 0, 100, 5, 50),
    loadKg: load,
  }, (body, s) => {
    const pelvis = leaning(90)
    const down: Vector = [0, 0, -1]
    const back: Vector = [-1, 0, 0]
    const reaching = limb(pelvis, 170)
    const kneeling = {
      thigh: down,
      shank: hovering ? ([-Math.cos(rad(8)), 0, -Math.sin(rad(8))] as Vector) : back,
      foot: hovering ? down : back,
    }
    const k = placed(body, {
      pelvis,
      arms: {
        left: { upper: down, fore: down, hand: FORWARD },
        right: armUp ? { upper: reaching, fore: reaching, hand: reaching } : { upper: down, fore: down, hand: FORWARD },
      },
      legs: {
        left: legUp ? { thigh: limb(pelvis, -5), shank: limb(pelvis, -5), foot: limb(pelvis, 60) } : kneeling,
        right: kneeling,
      },
    })
    const floor = k.joints.wristRight[2] < k.joints.wristLeft[2] ? k.joints.wristRight[2] : k.joints.wristLeft[2]
    const contacts: Contact[] = SIDES.flatMap((side): Contact[] => [
      ...(armUp && side === 'Right' ? [] : [{ at: k.joints[`palm${side}`], above: true, grips: true, hand: true }]),
      ...(legUp && side === 'Left'
        ? []
        : [{
          at: hovering
            ? [k.joints[`ball${side}`][0], k.joints[`ball${side}`][1], floor] as Vector
            : [k.joints[`knee${side}`][0], k.joints[`knee${side}`][1], floor] as Vector,
          above: false, grips: true,
        }]),
    ])
    const mean = contacts.reduce((sum, c) => sum + c.at[1], 0) / contacts.length
    const shift = mean * s.shiftPercent / 100
    return {
      ...held(k, contacts.map(c => ({ ...c, at: [c.at[0], c.at[1] - shift, c.at[2]] as Vector })), plate(k, s.loadKg)),
      resting: hovering ? [] : legUp ? ['lowerLegRight'] : ['lowerLegLeft', 'lowerLegRight'],
      balanceAssumed: contacts.length === 2,
    }
  })

/** Front planks and what is built on them. */
export const PLANKS: readonly Model[] = [
  elbowPlank(false), elbowPlank(true), handPlank(false), handPlank(true), liftedPlank(true, false, 'plankArmUp'),
  liftedPlank(false, true, 'plankLegUp'), liftedPlank(true, true, 'plankTwoPoint'),
  quadruped('quadruped', false, false, false), quadruped('quadrupedLeg', false, true, false),
  quadruped('quadrupedOpposite', true, true, false),
  quadruped('quadrupedHover', false, false, true),
]
