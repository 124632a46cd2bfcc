import { defineModel, setting, type Model } from '../model'
import { solve } from '../newton'
import { placed, type Skeleton } from '../skeleton'
import { pressureOf, type Contact, type Resting } from '../statics'
import type { Vector } from '../vector'
import { armBy, leaning, limb, rad } from './directions'
import { FORWARD, handsUp, plate, plateSetting } from './planks'
import { SIDES } from './stance'

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
    return { skeleton: k, contacts: shifted(k, contacts, s.shiftPercent / 100), loads: [] }
  })

/**
 * Supports moved under a body that shifts its weight: the same as moving the body over them. A lone hand goes under the
 * midline with all the rest, a lone foot steps in; two come nearer to the midline, and the line between them runs under
 * the weight.
 */
function shifted(k: Skeleton, contacts: Contact[], share: number, resting?: Resting): Contact[] {
  const hands = contacts.filter(c => c.hand)
  const moved = (by: (c: Contact) => number): Contact[] =>
    contacts.map(c => ({ ...c, at: [c.at[0], by(c), c.at[2]] }))
  if (contacts.length === 4) return contacts
  if (contacts.length === 3) {
    const lone = hands.length === 1 ? hands[0]?.at[1] ?? 0 : 0
    return moved(c => c.at[1] * (hands.length === 2 && !c.hand ? 1 - share : 1) - lone * share)
  }
  const [hand, foot] = moved(c => c.at[1] * (1 - share)) as [Contact, Contact]
  const [x, y] = pressureOf(k, contacts, [], resting)
  const on = hand.at[1] + (foot.at[1] - hand.at[1]) * (x - hand.at[0]) / (foot.at[0] - hand.at[0])
  return [hand, foot].map(c => ({ ...c, at: [c.at[0], c.at[1] + y - on, c.at[2]] as Vector }))
}

/** On one hand and both feet the body has to go this far over the hand to stand at all. */
const LONE_HAND_PERCENT = 70

/** What of somebody on hands and knees is off the floor, reached out or only lifted for a step. */
interface Off {
  readonly arm?: boolean
  readonly leg?: boolean
  readonly stepping?: boolean
  /** Both knees just off the floor. */
  readonly hovering?: boolean
}

/** On hands and knees, with an arm, a leg or both reached out or stepping, or the knees just off the floor. */
const quadruped = (
  id: string, { arm: armUp = false, leg: legUp = false, stepping = false, hovering = false }: Off,
): Model =>
  defineModel(id, 'side', {
    shiftPercent: setting('Weight shifted over', '%', 0, 100, 5, armUp && !legUp ? LONE_HAND_PERCENT : 50),
    loadKg: plateSetting,
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
        right: !armUp
          ? { upper: down, fore: down, hand: FORWARD }
          : stepping ? armBy(pelvis, 110, 20) : { upper: reaching, fore: reaching, hand: reaching },
      },
      legs: {
        left: !legUp
          ? kneeling
          : stepping
            ? { ...kneeling, thigh: limb(pelvis, 105) }
            : { thigh: limb(pelvis, -5), shank: limb(pelvis, -5), foot: limb(pelvis, 60) },
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
    const resting: Resting = hovering ? [] : legUp ? ['lowerLegRight'] : ['lowerLegLeft', 'lowerLegRight']
    return {
      skeleton: k, contacts: shifted(k, contacts, s.shiftPercent / 100, resting), loads: plate(k, s.loadKg), resting,
    }
  })

/** Planks and hands and knees with something off the floor. */
export const LIFTED: readonly Model[] = [
  liftedPlank(true, false, 'plankArmUp'), liftedPlank(false, true, 'plankLegUp'),
  liftedPlank(true, true, 'plankTwoPoint'),
  quadruped('quadruped', {}), quadruped('quadrupedLeg', { leg: true }),
  quadruped('quadrupedOpposite', { arm: true, leg: true }), quadruped('quadrupedHover', { hovering: true }),
  quadruped('crawlKnees', { arm: true, leg: true, stepping: true }),
  quadruped('crawl', { arm: true, leg: true, stepping: true, hovering: true }),
  quadruped('crawlOneHand', { arm: true, stepping: true, hovering: true }),
]
