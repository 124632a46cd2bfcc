import type { Body } from '../../anatomy'
import { DomainError } from '../../errors'
import type { ArmPose, TrunkAxes } from '../skeleton'
import { add, minus, norm, times, unit, type Vector } from '../vector'

/**
 * Both hands at one place in front of the chest: elbows as far bent as the reach asks, hanging below the arms.
 *
 * @throws DomainError `reachPercent` where that is farther than these arms reach.
 */
export function handsAt(body: Body, axes: TrunkAxes, target: Vector): { left: ArmPose, right: ArmPose } {
  const left: Vector = [0, 1, 0]
  const shoulder = times(axes.up, body.shoulderM)
  const one = (sign: number): ArmPose => {
    const from = add(shoulder, times(left, sign * body.shoulderHalfM))
    const to = minus(target, from)
    const [a, b] = [body.lengthM.upperArm, body.lengthM.forearm + body.comM.hand]
    const d = norm(to)
    if (d > a + b + 1e-9) throw new DomainError('reachPercent', 'That is farther than these arms reach.')
    const cos = Math.min(1, Math.max(-1, (a * a + d * d - b * b) / (2 * a * d)))
    const along = unit(to)
    const down = unit(add([0, 0, -1], times(along, along[2])))
    const upper = add(times(along, cos), times(down, Math.sqrt(1 - cos * cos)))
    const fore = unit(minus(to, times(upper, a)))
    return { upper, fore, hand: fore }
  }
  return { left: one(1), right: one(-1) }
}
