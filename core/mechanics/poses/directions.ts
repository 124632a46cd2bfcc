import type { ArmPose, LegPose, TrunkAxes } from '../skeleton'
import { add, cross, times, type Vector } from '../vector'

/**
 * Degrees as radians.
 *
 * @example
 * rad(180) // => Math.PI
 */
export function rad(degrees: number): number {
  return degrees * Math.PI / 180
}

/**
 * Axes of a trunk that leans forward from upright in the sagittal plane: 0 upright, 90 face down, -90 on the back.
 *
 * @example
 * leaning(0).up // => [0, 0, 1]
 */
export function leaning(degrees: number): TrunkAxes {
  const p = rad(degrees)
  return { up: [Math.sin(p), 0, Math.cos(p)], front: [Math.cos(p), 0, -Math.sin(p)] }
}

/**
 * A limb's direction in a trunk's axes: 0 along the trunk to the feet, 90 straight out of the front, 180 overhead;
 * `outDeg` away from the midline to the left (for the right side give it negative).
 *
 * @example
 * limb(leaning(0), 0).map(Math.round) // => [0, 0, -1]
 */
export function limb({ up, front }: TrunkAxes, degrees: number, outDeg = 0): Vector {
  const [a, o] = [rad(degrees), rad(outDeg)]
  const inPlane = add(times(up, -Math.cos(a)), times(front, Math.sin(a)))
  return add(times(inPlane, Math.cos(o)), times(cross(up, front), Math.sin(o)))
}

/**
 * The same for both sides.
 *
 * @example
 * both(1) // => { left: 1, right: 1 }
 */
export function both<T>(side: T): { left: T, right: T } {
  return { left: side, right: side }
}

/**
 * A leg by its joints, in a trunk's axes: hip flexion, knee flexion, the foot square to the shank or pointed, degrees.
 *
 * @example
 * legBy(leaning(0), 90, 90).shank.map(Math.round) // => [0, 0, -1]
 */
export function legBy(axes: TrunkAxes, hipDeg: number, kneeDeg = 0, pointedDeg = 0, outDeg = 0): LegPose {
  return {
    thigh: limb(axes, hipDeg, outDeg),
    shank: limb(axes, hipDeg - kneeDeg, outDeg),
    foot: limb(axes, hipDeg - kneeDeg + 90 - pointedDeg, 0),
  }
}

/**
 * An arm by its joints, in a trunk's axes: shoulder flexion and elbow flexion, degrees.
 *
 * @example
 * armBy(leaning(0), 0, 90).fore.map(v => Math.round(v) + 0) // => [1, 0, 0]
 */
export function armBy(axes: TrunkAxes, shoulderDeg: number, elbowDeg = 0, outDeg = 0): ArmPose {
  const fore = limb(axes, shoulderDeg + elbowDeg, outDeg)
  return { upper: limb(axes, shoulderDeg, outDeg), fore, hand: fore }
}
