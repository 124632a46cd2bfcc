import type { Body } from '../../anatomy'
import { DomainError } from '../../errors'
import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type Skeleton } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, minus, times, unit, type Vector } from '../vector'
import { both, leaning, limb, rad } from './directions'
import { SIDES } from './stance'


/** A rollout is held slightly rounded, hips a little bent (common practice): it keeps the low back from dropping. */
const ROUNDED_DEG = 10
const HIPS_DEG = 10
const AXLE_M = 0.12
/** Distances are those of a body of this height. */
const WRITTEN_FOR_M = 1.8

/**
 * Straight arms to an axle so far past what the body turns on; the wheel rolls freely, so the floor pushes straight up.
 */
function rollout(id: string, onFeet: boolean): Model {
  const [from, to, standard] = onFeet ? [100, 260, 180] : [40, 190, 75]
  return defineModel(id, 'side', {
    distanceCm: setting(onFeet ? 'Wheel past the toes' : 'Wheel past the knees', 'cm', from, to, 5, standard),
    axleHeightCm: setting('Height of the axle', 'cm', 3, 40, 1, AXLE_M * 100),
    bandBackN: setting('Band that pulls back (+) or out (-)', 'N', -150, 200, 10, 0),
    vestKg: setting('Vest', 'kg', 0, 30, 2.5, 0),
  }, (body, s) => {
    const axle = s.axleHeightCm / 100
    const base = (
      k: Skeleton,
    ): Vector => (onFeet ? k.joints.ballLeft : add(k.joints.kneeLeft, [0, 0, -body.kneeHeightM]))
    const make = (lean: number, arm: number): Skeleton => {
      const pelvis = leaning(lean)
      const d: Vector = [Math.sin(rad(arm)), 0, -Math.cos(rad(arm))]
      const thigh = limb(pelvis, HIPS_DEG)
      const shank: Vector = onFeet ? thigh : [-1, 0, 0]
      return placed(body, {
        pelvis, lumbar: leaning(lean + ROUNDED_DEG), arms: both({ upper: d, fore: d, hand: d }),
        legs: both({ thigh, shank, foot: onFeet ? limb(pelvis, HIPS_DEG + 90) : shank }),
      })
    }
    const { x } = solve<[number, number]>(
      ([lean, arm]) => {
        const k = make(lean, arm)
        const to = minus(k.joints.gripLeft, base(k))
        return [to[0] - s.distanceCm / 100, to[2] - axle]
      },
      onFeet ? [70, 40] : [65, 20], 'distanceCm',
    )
    const [lean, arm] = x as [number, number]
    if (arm - (lean + ROUNDED_DEG) > 100 || lean > 110)
      throw new DomainError('distanceCm', 'That is farther than these arms reach.')
    const k = make(lean, arm)
    const contacts = SIDES.flatMap((side): Contact[] => [
      { at: add(k.joints[`grip${side}`], [0, 0, -axle]), above: true, grips: false, hand: true },
      {
        at: onFeet ? k.joints[`ball${side}`] : add(k.joints[`knee${side}`], [0, 0, -body.kneeHeightM]),
        above: false, grips: true,
      },
    ])
    const loads: Load[] = [
      ...(s.bandBackN !== 0
        ? [{
          at: times(add(k.joints.gripLeft, k.joints.gripRight), 0.5), forceN: [-s.bandBackN, 0, 0] as Vector,
          above: true,
        }]
        : []),
      ...vest(k, s.vestKg),
    ]
    return { skeleton: k, contacts, loads, ...(onFeet ? {} : { resting: ['lowerLegLeft', 'lowerLegRight'] as const }) }
  })
}

function vest(k: Skeleton, massKg: number): Load[] {
  return massKg > 0
    ? [{ at: times(add(k.joints.thoracolumbar, k.joints.shoulder), 0.5), forceN: [0, 0, -massKg * G], above: true }]
    : []
}

/** Where a repeat of a full rollout begins, past the knees. */
const BEGINS_CM = 50

/** The farthest a wheel rollout goes: arms in line with the trunk, nose to the floor; or a part of the way there. */
function fullRollout(part: Model): Model {
  const at = (body: Body, lean: number): Skeleton => {
    const [pelvis, lumbar] = [leaning(lean), leaning(lean + ROUNDED_DEG)]
    const d = limb(lumbar, 180)
    return placed(body, {
      pelvis, lumbar, arms: both({ upper: d, fore: d, hand: d }),
      legs: both({ thigh: limb(pelvis, HIPS_DEG), shank: [-1, 0, 0], foot: [-1, 0, 0] }),
    })
  }
  return defineModel('rolloutFull', 'side', {
    outPercent: setting('Rolled out', '%', 0, 100, 5, 100),
    axleHeightCm: setting('Height of the axle', 'cm', 3, 40, 1, AXLE_M * 100),
    vestKg: setting('Vest', 'kg', 0, 30, 2.5, 0),
  }, (body, s) => {
    const axle = s.axleHeightCm / 100
    const { x } = solve(
      ([lean]) => [at(body, lean).joints.gripLeft[2] - at(body, lean).joints.kneeLeft[2] + body.kneeHeightM - axle],
      [75], 'axleHeightCm',
    )
    const k = at(body, x[0])
    if (s.outPercent < 100) {
      const fullCm = (k.joints.gripLeft[0] - k.joints.kneeLeft[0]) * 100
      const begins = BEGINS_CM * body.heightM / WRITTEN_FOR_M
      const distanceCm = begins + (fullCm - begins) * s.outPercent / 100
      return part.hold(body, { distanceCm, axleHeightCm: s.axleHeightCm, bandBackN: 0, vestKg: s.vestKg })
    }
    return {
      skeleton: k, loads: vest(k, s.vestKg), resting: ['lowerLegLeft', 'lowerLegRight'],
      contacts: SIDES.flatMap((side): Contact[] => [
        { at: add(k.joints[`grip${side}`], [0, 0, -axle]), above: true, grips: false, hand: true },
        { at: add(k.joints[`knee${side}`], [0, 0, -body.kneeHeightM]), above: false, grips: true },
      ]),
    }
  })
}

/** Leaning into straps with straight arms overhead: the straps pull along their own line to an anchor above. */
const strapFallOut = defineModel('strapFallOut', 'side', {
  leanDeg: setting('Lean of the body', '°', 15, 80, 1, 45),
  armDeg: setting('Arms from the trunk', '°', 60, 180, 5, 150),
  anchorHeightCm: setting('Height of the anchor', 'cm', 180, 300, 5, 230),
}, (body, s) => {
  const pelvis = leaning(s.leanDeg)
  const d = limb(pelvis, s.armDeg)
  const k = placed(body, {
    pelvis, arms: both({ upper: d, fore: d, hand: d }),
    legs: both({ thigh: limb(pelvis, 0), shank: limb(pelvis, 0), foot: limb(pelvis, 90) }),
  })
  const toe = k.joints.ballLeft
  const anchor: Vector = [k.joints.gripLeft[0], 0, toe[2] + s.anchorHeightCm / 100]
  return {
    skeleton: k, loads: [],
    contacts: SIDES.flatMap((side): Contact[] => {
      const grip = k.joints[`grip${side}`]
      return [
        {
          at: grip, above: true, grips: false, hand: true, pulls: true,
          along: unit(minus([anchor[0], grip[1], anchor[2]], grip)),
        },
        { at: k.joints[`ball${side}`], above: false, grips: true },
      ]
    }),
  }
})

const kneeling = rollout('rollout', false)

/** Rollouts and reaches on straight arms. */
export const REACHES: readonly Model[] = [
  kneeling, rollout('rolloutStanding', true), fullRollout(kneeling), strapFallOut,
]
