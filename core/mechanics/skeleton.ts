import type { Body } from '../anatomy'
import { add, cross, times, unit, type Vector } from './vector'

/** Directions of one arm, each of length 1: shoulder to elbow, elbow to wrist, wrist to fingers. */
export interface ArmPose {
  readonly upper: Vector
  readonly fore: Vector
  readonly hand: Vector
}

/** Directions of one leg: hip to knee, knee to ankle, heel to toes. */
export interface LegPose {
  readonly thigh: Vector
  readonly shank: Vector
  readonly foot: Vector
}

/** An upright frame: up the trunk, and out of the front of it. */
export interface TrunkAxes {
  readonly up: Vector
  readonly front: Vector
}

/** A whole position by directions. Parts of the trunk that are not named go straight on from the one below. */
export interface PoseSpec {
  readonly pelvis: TrunkAxes
  /** From L4/L5 upwards. */
  readonly lumbar?: TrunkAxes
  /** From T12 upwards. */
  readonly thorax?: TrunkAxes
  readonly head?: Vector
  readonly arms: { readonly left: ArmPose, readonly right: ArmPose }
  readonly legs: { readonly left: LegPose, readonly right: LegPose }
}

type PairedSpot =
  'hip' | 'knee' | 'ankle' | 'heel' | 'ball' | 'toe' | 'shoulder' | 'elbow' | 'wrist' | 'palm' | 'grip'

export type Joint =
  | 'hip'
  | 'lumbar'
  | 'thoracolumbar'
  | 'shoulder'
  | 'cervicale'
  | 'vertex'
  | `${PairedSpot}${'Left' | 'Right'}`

/** A piece of the body: where its mass sits and which parts of the trunk it hangs on. */
export interface MassPoint {
  readonly at: Vector
  readonly massKg: number
  /** Above L4/L5, and above T12. */
  readonly aboveLumbar: boolean
  readonly aboveThoracolumbar: boolean
  /** The shank and foot of a leg that rests on the ground carry themselves. */
  readonly part: 'trunk' | 'armLeft' | 'armRight' | 'legLeft' | 'legRight' | 'lowerLegLeft' | 'lowerLegRight'
}

export interface Skeleton {
  readonly body: Body
  readonly joints: Readonly<Record<Joint, Vector>>
  readonly masses: readonly MassPoint[]
  /** Axes half way between pelvis and lumbar part: the frame moments are told in. */
  readonly frame: TrunkAxes
  readonly thoraxFrame: TrunkAxes
}

const SIDES = ['Left', 'Right'] as const

/** A grip closes round the hand's centre of mass; a palm presses half way there. */
const PALM = 0.5

/**
 * Places every joint and mass of a body by forward kinematics. The mid hips stand at the origin;
 * `moved` puts the whole where its contacts are.
 *
 * @example
 * placed(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), STANDING).masses.reduce((sum, m) => sum + m.massKg, 0).toFixed(6) // => '80.000000'
 */
export function placed(body: Body, pose: PoseSpec): Skeleton {
  const { pelvis } = pose
  const lumbarAxes = pose.lumbar ?? pelvis
  const thorax = pose.thorax ?? lumbarAxes
  const headUp = pose.head ?? thorax.up
  const hip: Vector = [0, 0, 0]
  const lumbar = add(hip, times(pelvis.up, body.lumbarM))
  const thoracolumbar = add(lumbar, times(lumbarAxes.up, body.thoracolumbarM - body.lumbarM))
  /** A point on the trunk line so far above the mid hips. */
  const onTrunk = (distanceM: number): Vector => distanceM <= body.lumbarM
    ? add(hip, times(pelvis.up, distanceM))
    : distanceM <= body.thoracolumbarM
      ? add(lumbar, times(lumbarAxes.up, distanceM - body.lumbarM))
      : add(thoracolumbar, times(thorax.up, distanceM - body.thoracolumbarM))
  const shoulder = onTrunk(body.shoulderM)
  const cervicale = onTrunk(body.cervicaleM)
  const vertex = add(cervicale, times(headUp, body.lengthM.head))
  const joints = { hip, lumbar, thoracolumbar, shoulder, cervicale, vertex } as Record<Joint, Vector>
  const masses: MassPoint[] = []

  for (const piece of trunkPieces(body)) {
    masses.push({
      at: onTrunk(piece.comM), massKg: piece.massKg, part: 'trunk',
      aboveLumbar: piece.comM > body.lumbarM, aboveThoracolumbar: piece.comM > body.thoracolumbarM,
    })
  }
  masses.push({
    at: add(cervicale, times(headUp, body.lengthM.head - body.comM.head)),
    massKg: body.segmentKg.head, part: 'trunk', aboveLumbar: true,
    aboveThoracolumbar: true,
  })

  for (const side of SIDES) {
    placeArm(side, body, pose, { joints, masses }, add(shoulder, sideways(side, thorax, body.shoulderHalfM)))
    placeLeg(side, body, pose, { joints, masses }, add(hip, sideways(side, pelvis, body.hipHalfM)))
  }
  return {
    body, joints, masses,
    frame: between(pelvis, lumbarAxes), thoraxFrame: between(lumbarAxes, thorax),
  }
}

type Side = (typeof SIDES)[number]
interface Placing {
  readonly joints: Record<Joint, Vector>
  readonly masses: MassPoint[]
}

/** From the middle to a side. */
const sideways = (side: Side, axes: TrunkAxes, halfM: number): Vector =>
  times(cross(axes.up, axes.front), side === 'Left' ? halfM : -halfM)

function placeArm(side: Side, body: Body, pose: PoseSpec, { joints, masses }: Placing, s: Vector): void {
  const arm = side === 'Left' ? pose.arms.left : pose.arms.right
  const elbow = add(s, times(arm.upper, body.lengthM.upperArm))
  const wrist = add(elbow, times(arm.fore, body.lengthM.forearm))
  joints[`shoulder${side}`] = s
  joints[`elbow${side}`] = elbow
  joints[`wrist${side}`] = wrist
  joints[`palm${side}`] = add(wrist, times(arm.hand, PALM * body.comM.hand))
  joints[`grip${side}`] = add(wrist, times(arm.hand, body.comM.hand))
  const above = { aboveLumbar: true, aboveThoracolumbar: true, part: `arm${side}` as const }
  masses.push(
    { at: add(s, times(arm.upper, body.comM.upperArm)), massKg: body.segmentKg.upperArm, ...above },
    { at: add(elbow, times(arm.fore, body.comM.forearm)), massKg: body.segmentKg.forearm, ...above },
    { at: add(wrist, times(arm.hand, body.comM.hand)), massKg: body.segmentKg.hand, ...above },
  )
}

function placeLeg(side: Side, body: Body, pose: PoseSpec, { joints, masses }: Placing, h: Vector): void {
  const leg = side === 'Left' ? pose.legs.left : pose.legs.right
  const knee = add(h, times(leg.thigh, body.lengthM.thigh))
  const ankle = add(knee, times(leg.shank, body.lengthM.shank))
  // The sole lies beyond the ankle, square to the foot, on the side the shank comes from.
  const along = leg.shank[0] * leg.foot[0] + leg.shank[1] * leg.foot[1] + leg.shank[2] * leg.foot[2]
  const sole = unit(add(leg.shank, times(leg.foot, -along)))
  const heel = add(ankle, times(sole, body.ankleHeightM), times(leg.foot, -body.ankleFromHeelM))
  joints[`hip${side}`] = h
  joints[`knee${side}`] = knee
  joints[`ankle${side}`] = ankle
  joints[`heel${side}`] = heel
  joints[`ball${side}`] = add(heel, times(leg.foot, body.ballFromHeelM))
  joints[`toe${side}`] = add(heel, times(leg.foot, body.lengthM.foot))
  const below = { aboveLumbar: false, aboveThoracolumbar: false }
  const footAt = add(heel, times(leg.foot, body.comM.foot), times(sole, -body.ankleHeightM / 2))
  masses.push(
    { at: add(h, times(leg.thigh, body.comM.thigh)), massKg: body.segmentKg.thigh, part: `leg${side}`, ...below },
    {
      at: add(knee, times(leg.shank, body.comM.shank)), massKg: body.segmentKg.shank, part: `lowerLeg${side}`, ...below,
    },
    { at: footAt, massKg: body.segmentKg.foot, part: `lowerLeg${side}`, ...below },
  )
}

/** The trunk in pieces, none of which reaches over L4/L5 or T12; mass and centre of each segment are kept. */
function trunkPieces(body: Body): { comM: number, massKg: number }[] {
  const { lengthM, comM, segmentKg } = body
  const omphalion = lengthM.lowerTrunk
  const xiphion = omphalion + lengthM.midTrunk
  const segments = [
    { from: 0, to: omphalion, com: omphalion - comM.lowerTrunk, kg: segmentKg.lowerTrunk },
    { from: omphalion, to: xiphion, com: xiphion - comM.midTrunk, kg: segmentKg.midTrunk },
    { from: xiphion, to: body.cervicaleM, com: body.cervicaleM - comM.upperTrunk, kg: segmentKg.upperTrunk },
  ]
  return [body.lumbarM, body.thoracolumbarM].reduce((pieces, cut) => pieces.flatMap((piece) => {
    if (cut <= piece.from || cut >= piece.to) return [piece]
    const share = (piece.to - cut) / (piece.to - piece.from)
    // The smaller part has its centre in its middle; the larger one's keeps the whole where it was.
    const upper = { from: cut, to: piece.to, kg: piece.kg * share, com: (cut + piece.to) / 2 }
    const lower = { from: piece.from, to: cut, kg: piece.kg * (1 - share), com: (piece.from + cut) / 2 }
    if (share < 0.5) lower.com = (piece.com - upper.com * share) / (1 - share)
    else upper.com = (piece.com - lower.com * (1 - share)) / share
    return [lower, upper]
  }), segments).map(({ com, kg }) => ({ comM: com, massKg: kg }))
}

function between(a: TrunkAxes, b: TrunkAxes): TrunkAxes {
  const up = unit(add(a.up, b.up))
  const sum = add(a.front, b.front)
  // Square to the new up, so that the three axes stay square.
  return { up, front: unit(add(sum, times(up, -(sum[0] * up[0] + sum[1] * up[1] + sum[2] * up[2])))) }
}

/**
 * The whole body shifted.
 *
 * @example
 * moved(placed(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), STANDING), [0, 0, 1]).joints.hip // => [0, 0, 1]
 */
export function moved(skeleton: Skeleton, by: Vector): Skeleton {
  return {
    ...skeleton,
    joints: Object.fromEntries(Object.entries(skeleton.joints).map(([name, at]) => [name, add(at, by)])) as Record<
      Joint,
      Vector
    >,
    masses: skeleton.masses.map(mass => ({ ...mass, at: add(mass.at, by) })),
  }
}
