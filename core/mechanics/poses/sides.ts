import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type LegPose, type Skeleton, type TrunkAxes } from '../skeleton'
import { G, pressureOf, type Contact, type Load, type Resting } from '../statics'
import { add, times, type Vector } from '../vector'
import { armBy, limb, rad } from './directions'

/** Lying on the left side, head to +x, chest to -y: the trunk bends towards the right when it sags. */
const FRONT: Vector = [0, -1, 0]
const axes = (deg: number): TrunkAxes => ({ up: [Math.sin(rad(deg)), 0, Math.cos(rad(deg))], front: FRONT })

function sidePlank(id: string, onKnees: boolean): Model {
  return defineModel(id, 'side', {
    loadKg: setting('Weight on the hip', 'kg', 0, 40, 2.5, 0),
    topLegDeg: setting('Top leg raised', '°', 0, 45, 5, 0),
    feetRaisedCm: setting('Feet raised', 'cm', 0, 60, 5, 0),
    bandN: setting('Band pulls to the front (+) or the back (-)', 'N', -200, 200, 5, 0),
    sagCm: setting('Hips below the line', 'cm', 0, 20, 1, 0),
    reachPercent: setting('Band arm reached out', '%', 0, 100, 5, 100),
  }, (body, s) => {
    const make = (deg: number): Skeleton => {
      // Hips that hang flatten the legs and steepen the trunk.
      const sag = s.sagCm / 100 / (body.lengthM.thigh + body.lengthM.shank) * 180 / Math.PI
      const [pelvis, lumbar] = [axes(deg + sag), axes(deg - sag)]
      const support = { upper: [0, 0, -1] as Vector, fore: FRONT, hand: FRONT }
      const free = s.bandN === 0
        ? armBy(pelvis, 0)
        : { ...armBy(pelvis, 90, 0), ...(s.reachPercent < 50 ? armBy(pelvis, 0, 90) : {}) }
      const leg = (out: number): LegPose =>
        onKnees
          ? { thigh: limb(pelvis, 0, out), shank: limb(pelvis, -90), foot: limb(pelvis, -90) }
          : { thigh: limb(pelvis, 0, out), shank: limb(pelvis, 0, out), foot: limb(pelvis, 90) }
      return placed(body, {
        pelvis, lumbar, arms: { left: support, right: free }, legs: { left: leg(0), right: leg(-s.topLegDeg) },
      })
    }
    const base = (k: Skeleton): Vector => (onKnees
      ? add(k.joints.kneeLeft, [0, 0, -body.kneeHeightM])
      : add(k.joints.ankleLeft, times(limb(axes(0), 0), 0)))
    const { x } = solve(
      ([deg]) => [make(deg).joints.elbowLeft[2] - base(make(deg))[2] + s.feetRaisedCm / 100],
      [75], 'feetRaisedCm',
    )
    const k = make(x[0])
    const { up } = axes(x[0])
    const sole = onKnees ? base(k) : add(k.joints.ankleLeft, times(up, -body.ankleHeightM))
    const resting: Resting = onKnees ? ['lowerLegLeft', 'lowerLegRight'] : []
    const reachM = (body.lengthM.upperArm + body.lengthM.forearm) * s.reachPercent / 100
    const loads: Load[] = [
      ...(s.loadKg > 0 ? [{ at: k.joints.hip, forceN: [0, 0, -s.loadKg * G] as Vector, above: false }] : []),
      ...(s.bandN === 0
        ? []
        : [{ at: add(k.joints.shoulderRight, times(FRONT, reachM)), forceN: times(FRONT, s.bandN), above: true }]),
    ]
    // The forearm and the feet lie across the line of the body: where the weight stands on them is found by balance.
    const at = (p: Vector, y: number): Vector => [p[0], y, p[2]]
    const contactsAt = (y: number): Contact[] => [
      { at: at(k.joints.elbowLeft, y), above: true, grips: true, hand: true },
      { at: at([sole[0], 0, base(k)[2]], y), above: false, grips: true },
    ]
    const contacts = contactsAt(pressureOf(k, contactsAt(0), loads, resting)[1])
    return { skeleton: k, contacts, loads, resting }
  })
}

/** Side planks on the forearm. */
export const SIDE_PLANKS: readonly Model[] = [sidePlank('sidePlank', false), sidePlank('sidePlankKnees', true)]
