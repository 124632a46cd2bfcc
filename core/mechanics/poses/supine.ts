import { ASSUMED, type Body } from '../../anatomy'
import { defineModel, setting, type Held, type Model } from '../model'
import { placed, type ArmPose, type LegPose, type Skeleton, type TrunkAxes } from '../skeleton'
import { G, type Contact, type Load } from '../statics'
import { add, times, type Vector } from '../vector'
import { armBy, both, leaning, legBy } from './directions'
import { SIDES } from './stance'


const POINTED = 40

/** A point of the back so far above the mid hips, share of stature. */
const onBack = (k: Skeleton, axes: TrunkAxes, share: number): Vector =>
  add(k.joints.hip, times(axes.up, share * k.body.heightM), times(axes.front, -k.body.backDepthM))

const inHands = (k: Skeleton, massKg: number): Load[] => massKg > 0
  ? [{ at: times(add(k.joints.gripLeft, k.joints.gripRight), 0.5), forceN: [0, 0, -massKg * G], above: true }]
  : []

/**
 * Lying with limbs in the air: on sacrum and T12 with the low back pressed flat, on sacrum and shoulder blades with its
 * natural arch kept. The floor carries part of the load at L4/L5.
 */
function lying(
  body: Body, arms: { left: ArmPose, right: ArmPose }, legs: { left: LegPose, right: LegPose }, loadKg: number,
  keepsArch = false,
): Held {
  const pelvis = leaning(-90)
  const k = placed(body, { pelvis, arms, legs })
  const loads = inHands(k, loadKg)
  const [sacrum, t12, blades] = [ASSUMED.sacrum, ASSUMED.thoracolumbar, ASSUMED.shoulderBlades].map(share =>
    onBack(k, pelvis, share)
  ) as [Vector, Vector, Vector]
  const mass = body.massKg + loadKg
  const middle =
    (k.masses.reduce((sum, m) => sum + m.at[0] * m.massKg, 0) + loads.reduce((sum, l) => sum + l.at[0] * loadKg, 0))
    / mass
  // Weight beyond T12 tips on to the shoulder blades and off the sacrum.
  const contacts: Contact[] = keepsArch
    ? [{ at: sacrum, above: false, grips: true }, { at: blades, above: true, grips: true }]
    : middle < t12[0]
      ? [{ at: t12, above: true, grips: true }, { at: blades, above: true, grips: true }]
      : [{ at: sacrum, above: false, grips: true }, { at: t12, above: true, grips: true }]
  return { skeleton: k, contacts, loads }
}

const hip = (standard: number) => setting('Hips bent', '°', 5, 130, 5, standard)
const knee = (standard: number) => setting('Knees bent', '°', 0, 140, 5, standard)
const arm = (standard: number) => setting('Arms: 0 by the side, 180 overhead', '°', 0, 180, 5, standard)
const ball = setting('Ball or plate in the hands', 'kg', 0, 25, 0.5, 0)

const hollow = defineModel(
  'hollow', 'side',
  { hipDeg: hip(25), kneeDeg: knee(0), armDeg: arm(0), loadKg: ball },
  (body, s) => {
    const t = leaning(-90)
    return lying(body, both(armBy(t, s.armDeg)), both(legBy(t, s.hipDeg, s.kneeDeg, POINTED)), s.loadKg)
  },
)

/** One leg out, the other still bent. */
const hollowOneLeg = defineModel(
  'hollowOneLeg', 'side', { hipDeg: hip(25), armDeg: arm(0), loadKg: ball },
  (body, s) => {
    const t = leaning(-90)
    return lying(body, both(armBy(t, s.armDeg)), {
      left: legBy(t, 100, 120, POINTED), right: legBy(t, s.hipDeg, 0, POINTED),
    }, s.loadKg)
  },
)

/** A hand that presses a knee, and the knee that presses back: the two halves of the body against each other. */
const against = (at: Vector, forceN: Vector): Load[] =>
  forceN.every(part => part === 0)
    ? []
    : [{ at, forceN, above: false }, { at, forceN: times(forceN, -1), above: true }]

/** Arms up, hips and knees bent; `reach` lowers the opposite arm and leg. */
const deadBug = defineModel('deadBug', 'side', {
  reachPercent: setting('Opposite arm and leg reached out', '%', 0, 100, 5, 0),
  bothLegs: setting('Both legs (1) or one (0)', '', 0, 1, 1, 0),
  pressN: setting('Hands press against the thighs', 'N', 0, 200, 10, 0),
  acrossN: setting('One hand presses the inside of the opposite knee', 'N', 0, 200, 10, 0),
  loadKg: ball,
}, (body, s) => {
  const t = leaning(-90)
  const out = s.reachPercent / 100
  const bent = legBy(t, 90, 90)
  const reaching = legBy(t, 90 - out * 80, 90 * (1 - out), POINTED * out)
  const armOut = armBy(t, 90 + out * 70)
  const lies = lying(body, { left: armOut, right: s.loadKg > 0 ? armOut : armBy(t, 90) }, {
    left: s.bothLegs > 0 ? reaching : bent, right: reaching,
  }, s.loadKg, true)
  const { kneeLeft, kneeRight } = lies.skeleton.joints
  const presses = [
    ...against(kneeLeft, [s.pressN / 2, 0, 0]), ...against(kneeRight, [s.pressN / 2, 0, 0]),
    ...against(kneeLeft, [0, s.acrossN, 0]),
  ]
  return { ...lies, loads: [...lies.loads, ...presses] }
})

/** Curled up from T12; the shoulders are off the floor, so that the moment is looked at there. */
const curlUp = defineModel('curlUp', 'side', {
  liftDeg: setting('Shoulders curled up', '°', 0, 50, 5, 30),
  armDeg: arm(45),
  loadKg: setting('Weight in the hands', 'kg', 0, 25, 0.5, 0),
}, (body, s) => {
  const [pelvis, thorax] = [leaning(-90), leaning(-90 + s.liftDeg)]
  const k = placed(body, { pelvis, thorax, arms: both(armBy(thorax, s.armDeg)), legs: both(legBy(pelvis, 45, 90)) })
  return {
    skeleton: k, sections: ['thoracolumbar'], loads: inHands(k, s.loadKg),
    contacts: [
      { at: onBack(k, pelvis, ASSUMED.sacrum), above: false, grips: true },
      { at: onBack(k, pelvis, ASSUMED.thoracolumbar - 0.001), above: false, grips: true },
      ...SIDES.map(side => ({ at: k.joints[`heel${side}`], above: false, grips: true })),
    ],
  }
})

/** Rising from lying to sitting with straight legs or bent, the trunk as one piece. */
const sitUp = defineModel('sitUp', 'side', {
  trunkDeg: setting('Trunk above the floor', '°', 5, 80, 5, 20),
  armDeg: arm(90),
  loadKg: setting('Weight in the hands', 'kg', 0, 40, 1, 0),
}, (body, s) => {
  const floor = leaning(-90)
  const trunk = leaning(-90 + s.trunkDeg)
  const k = placed(body, { pelvis: trunk, arms: both(armBy(trunk, s.armDeg)), legs: both(legBy(floor, 40, 80)) })
  return {
    skeleton: k, loads: inHands(k, s.loadKg),
    contacts: [
      { at: add(k.joints.hip, [0, 0, -body.backDepthM]), above: false, grips: true },
      // Held feet may pull: without them few can rise with straight arms overhead.
      ...SIDES.map(side => ({ at: k.joints[`heel${side}`], above: false, grips: true, pulls: true })),
    ],
  }
})

/** Knees and pelvis curled up from below, on a floor or a board that slopes down to the head's far end. */
const reverseCrunch = defineModel('reverseCrunch', 'side', {
  slopeDeg: setting('Slope of the bench', '°', 0, 45, 5, 0),
  rollDeg: setting('Pelvis rolled up', '°', 0, 50, 5, 20),
  kneeDeg: knee(90),
  ballKg: setting('Ball between the knees', 'kg', 0, 10, 0.5, 0),
}, (body, s) => {
  const board = leaning(-90 + s.slopeDeg)
  const pelvis = leaning(-90 + s.slopeDeg - s.rollDeg)
  const k = placed(body, {
    pelvis, lumbar: board, arms: both(armBy(board, 170)), legs: both(legBy(pelvis, 95, s.kneeDeg, POINTED)),
  })
  const back = (share: number): Vector =>
    add(k.joints.lumbar, times(board.up, share * body.heightM - body.lumbarM), times(board.front, -body.backDepthM))
  return {
    skeleton: k,
    loads: s.ballKg > 0
      ? [{ at: times(add(k.joints.kneeLeft, k.joints.kneeRight), 0.5), forceN: [0, 0, -s.ballKg * G], above: false }]
      : [],
    contacts: [
      { at: back(ASSUMED.thoracolumbar), above: true, grips: true },
      { at: back(ASSUMED.shoulderBlades), above: true, grips: true },
      // The hands hold the bench behind the head.
      ...SIDES.map(side => ({ at: k.joints[`grip${side}`], above: true, grips: true, pulls: true })),
    ],
  }
})

/** Shoulders and feet down, hips up. */
const bridge = defineModel('bridge', 'side', {
  shouldersRaisedCm: setting('Shoulders on a bench', 'cm', 0, 50, 5, 0),
  kneeDeg: knee(95),
  loadKg: setting('Weight on the hips', 'kg', 0, 150, 5, 0),
}, (body, s) => {
  // Trunk and thighs in one line that rises from the shoulders to the knees.
  const shin = Math.cos((s.kneeDeg - 90) * Math.PI / 180) * (body.lengthM.shank + body.ankleHeightM)
  const rise =
    Math.asin(
      Math.min(0.95, Math.max(-0.9, (shin - s.shouldersRaisedCm / 100) / (body.shoulderM + body.lengthM.thigh))),
    ) * 180 / Math.PI
  const pelvis = leaning(-90 - rise)
  const k = placed(body, { pelvis, arms: both(armBy(pelvis, 0)), legs: both(legBy(pelvis, 0, s.kneeDeg)) })
  return {
    skeleton: k,
    loads: s.loadKg > 0
      ? [{ at: add(k.joints.hip, times(pelvis.front, body.backDepthM)), forceN: [0, 0, -s.loadKg * G], above: false }]
      : [],
    contacts: [
      { at: onBack(k, pelvis, ASSUMED.shoulderBlades), above: true, grips: true },
      ...SIDES.map(side => ({ at: k.joints[`heel${side}`], above: false, grips: true })),
    ],
  }
})

/** Drills on the back. */
export const SUPINE: readonly Model[] = [hollow, hollowOneLeg, deadBug, curlUp, sitUp, reverseCrunch, bridge]
