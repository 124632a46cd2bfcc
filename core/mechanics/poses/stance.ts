import type { Body } from '../../anatomy'
import type { Held } from '../model'
import { solve } from '../newton'
import { placed, type LegPose, type PoseSpec, type Skeleton } from '../skeleton'
import { pressureOf, type Contact, type Load } from '../statics'
import { add, times, type Vector } from '../vector'
import { leaning, limb } from './directions'

export type Side = 'Left' | 'Right'
export const SIDES: readonly Side[] = ['Left', 'Right']
export const UPRIGHT = leaning(0)
const FLAT: Vector = [1, 0, 0]

/** A leg that stands on a flat foot: thigh ahead of upright, knee bent, the whole swayed aside to the left. */
const standingLeg = (thighDeg: number, kneeDeg: number, asideDeg: number): LegPose => ({
  thigh: limb(UPRIGHT, thighDeg, asideDeg), shank: limb(UPRIGHT, thighDeg - kneeDeg, asideDeg), foot: FLAT,
})

/** A leg that kneels, the shin and the top of the foot on the floor. */
const kneelingLeg = (thighDeg: number, asideDeg: number): LegPose => ({
  thigh: limb(UPRIGHT, thighDeg, asideDeg), shank: [-1, 0, 0], foot: [-1, 0, 0],
})

const sole = (k: Skeleton, side: Side): Contact[] => [
  { at: k.joints[`heel${side}`], above: false, grips: true },
  { at: k.joints[`ball${side}`], above: false, grips: true },
]
/** Both feet, flat. */
export const soles = (k: Skeleton): Contact[] => SIDES.flatMap(side => sole(k, side))
const ballOf = (k: Skeleton, side: Side): Contact => ({ at: k.joints[`ball${side}`], above: false, grips: true })
const kneeAndToes = (k: Skeleton, side: Side): Contact[] => [
  { at: add(k.joints[`knee${side}`], [0, 0, -k.body.kneeHeightM]), above: false, grips: true },
  { at: k.joints[`toe${side}`], above: false, grips: true },
]
/** All contacts on the floor of the first: how thick a foot is makes no step. */
const level = (contacts: Contact[]): Contact[] =>
  contacts.map(c => ({ ...c, at: [c.at[0], c.at[1], contacts[0]?.at[2] ?? c.at[2]] }))

/** What stands on the ground, swayed so many degrees ahead and aside, and where it touches. */
export interface Stance {
  readonly legs: (aheadDeg: number, asideDeg: number) => PoseSpec['legs']
  readonly contacts: (k: Skeleton) => Contact[]
  /** Where the weight is carried: over the middle of the contacts, where nothing else is said. */
  readonly over?: (contacts: readonly Contact[]) => Vector
}

const middleOf = (contacts: readonly Contact[]): Vector =>
  times(contacts.reduce<Vector>((sum, c) => add(sum, c.at), [0, 0, 0]), 1 / contacts.length)
/** How far behind the knees the weight of somebody who kneels is carried, metres: our own estimate. */
const BEHIND_KNEES_M = 0.06

/** Both legs alike. */
const pair = (leg: LegPose): PoseSpec['legs'] => ({ left: leg, right: leg })
/** The leg of a side and the other one. */
const sided = (side: Side, own: LegPose, other: LegPose): PoseSpec['legs'] =>
  side === 'Left' ? { left: own, right: other } : { left: other, right: own }
const otherThan = (side: Side): Side => (side === 'Left' ? 'Right' : 'Left')

/** On both feet, the knees as far bent as is said. */
export const onBothFeet = (kneeDeg = 0): Stance => ({
  legs: (ahead, aside) => pair(standingLeg(ahead + kneeDeg / 2, kneeDeg, aside)),
  contacts: soles,
})

/** On one foot; the other leg is as it is given. */
export const onOneFoot = (side: Side, kneeDeg: number, free: LegPose): Stance => ({
  legs: (ahead, aside) => sided(side, standingLeg(ahead + kneeDeg / 2, kneeDeg, aside), free),
  contacts: k => sole(k, side),
})

/** On both knees. */
export const ON_BOTH_KNEES: Stance = {
  legs: (ahead, aside) => pair(kneelingLeg(ahead, aside)),
  contacts: k => SIDES.flatMap(side => kneeAndToes(k, side)),
  over: contacts => add(middleOf(contacts.filter((_, i) => i % 2 === 0)), [-BEHIND_KNEES_M, 0, 0]),
}

/** One knee down, the other foot ahead. */
export const halfKneeling = (down: Side): Stance => ({
  legs: (ahead, aside) => sided(down, kneelingLeg(ahead, aside), {
    thigh: limb(UPRIGHT, 90, aside), shank: limb(UPRIGHT, ahead, aside), foot: FLAT,
  }),
  contacts: k => [...kneeAndToes(k, down), ...sole(k, otherThan(down))],
})

/** One foot ahead, the other on its ball behind. */
export const splitStance = (ahead: Side): Stance => ({
  legs: (by, aside) => sided(ahead, standingLeg(35 + by, 35, aside), {
    thigh: limb(UPRIGHT, -15 + by, aside), shank: limb(UPRIGHT, -35 + by, aside), foot: limb(UPRIGHT, 50),
  }),
  contacts: k => [...sole(k, ahead), ballOf(k, otherThan(ahead))],
})

/**
 * A trunk with what it holds, put over its feet: the legs sway ahead and aside until all weights and pulls together
 * press on the middle of what stands on the ground. What is above the hips does not move, so that its moment is the
 * same on every stance.
 *
 * @throws DomainError `field` where no stance of these legs carries it.
 */
export function stood(
  body: Body, upper: Omit<PoseSpec, 'legs'>, stance: Stance, loadsOf: (k: Skeleton) => Load[], field: string,
): Held {
  const make = (ahead: number, aside: number): Skeleton =>
    placed(body, { ...upper, legs: stance.legs(ahead, aside) })
  const { x } = solve(([ahead, aside]) => {
    const k = make(ahead, aside)
    const contacts = level(stance.contacts(k))
    const presses = pressureOf(k, contacts, loadsOf(k))
    const [x, y] = (stance.over ?? middleOf)(contacts)
    return [presses[0] - x, presses[1] - y]
  }, [0, 0], field)
  const k = make(x[0], x[1])
  return { skeleton: k, contacts: level(stance.contacts(k)), loads: loadsOf(k) }
}
