import { must } from '../errors'
import { pushes } from './reactions'
import type { Skeleton, TrunkAxes } from './skeleton'
import { add, cross, dot, minus, norm, times, unit, type Vector } from './vector'

/** Acceleration of gravity, m/s². */
export const G = 9.81

/** Where the body meets the ground, a box, a bar or a wheel. */
export interface Contact {
  readonly at: Vector
  readonly above: boolean
  /** Direction of the force along a straight arm; straight up where there is none. */
  readonly along?: Vector
  /** Takes up horizontal forces by friction. */
  readonly grips: boolean
  /** May pull: a hooked foot, a hand round a bar. */
  readonly pulls?: boolean
  /** Counts into the share of body weight on the hands. */
  readonly hand?: boolean
}

/** A force from outside: a held mass, a plate on the back, a band. */
export interface Load {
  readonly at: Vector
  readonly forceN: Vector
  readonly above: boolean
}

/** Where the trunk is cut: the moment is that of everything above on everything below. */
export type Section = 'lumbar' | 'thoracolumbar'

/** What turns, bends and folds the trunk, in trunk axes. */
interface TrunkMoment {
  /** N·m; + folds forward (extensors are asked), - arches (abdominals are asked). */
  readonly sagittalNm: number
  /** N·m; + bends to the right. */
  readonly frontalNm: number
  /** N·m; + twists to the left. */
  readonly transverseNm: number
  /** N along the trunk; + presses together. */
  readonly axialN: number
}

export interface Statics extends TrunkMoment {
  readonly section: Section
  /** Share of body weight on the hands or forearms, 0-1. */
  readonly handsShare: number
  /** Distance of the centre of mass inside the support, metres; negative outside. */
  readonly supportMarginM: number
  /** What the contacts cannot balance plus what the two sides of the cut disagree by, N·m. */
  readonly residualNm: number
  readonly balanced: boolean
  readonly contacts: readonly { readonly at: Vector, readonly forceN: Vector }[]
  readonly com: Vector
}

/** Lower legs that lie on the ground: they carry themselves and hinge at the knee without a moment. */
export type Resting = readonly ('lowerLegLeft' | 'lowerLegRight')[]

interface Force { readonly at: Vector, readonly forceN: Vector, readonly above: boolean }

/** Forces of the ground on a body that is held still under its weight and outside loads. */
function groundForces(
  weights: readonly Force[], contacts: readonly Contact[],
): { forces: Vector[], residualNm: number, balanced: boolean } {
  const total = add(...weights.map(w => w.forceN))
  const down = -total[2]
  const centre = times(add(...contacts.map(c => c.at)), 1 / contacts.length)
  const momentOf = (at: Vector, forceN: Vector): Vector => cross(minus(at, centre), forceN)
  const outside = weights.reduce<Vector>((sum, w) => add(sum, momentOf(w.at, w.forceN)), [0, 0, 0])
  const gripping = contacts.filter(c => c.grips && !c.along)
  const holders = gripping.length > 0 ? gripping : contacts.filter(c => !c.along)
  const slope = contacts.map((
    c,
  ): Vector => (c.along && Math.abs(c.along[2]) > 1e-9
    ? [c.along[0] / c.along[2], c.along[1] / c.along[2], 0]
    : [0, 0, 0])
  )
  // Horizontal forces: what loads and straight arms push sideways is held by friction, in equal parts (least norm).
  const held = holders.length > 0
    ? times(add(...holders.map(c => minus(c.at, centre))), 1 / holders.length)
    : ([0, 0, 0] as Vector)
  const columns = contacts.map((c, i) => {
    const own = momentOf(c.at, add([0, 0, 1], must(slope[i])))
    const back = cross(held, times(must(slope[i]), -1))
    return [1, own[0] + back[0], own[1] + back[1]]
  })
  const horizontal: Vector = [-total[0], -total[1], 0]
  const byFriction = cross(held, horizontal)
  const result = pushes(
    columns,
    [down, -outside[0] - byFriction[0], -outside[1] - byFriction[1]],
    contacts.map(c => c.pulls ?? false),
  )
  const arms = contacts.map((_, i) => times(must(slope[i]), must(result.reactionsN[i])))
  const sideways = add(horizontal, times(add(...arms), -1))
  const yaw = -(outside[2] + arms.reduce((sum, f, i) => sum + momentOf(must(contacts[i]).at, f)[2], 0))
  const friction = frictionOf(holders.map(c => minus(c.at, centre)), sideways, yaw)
  const forces = contacts.map((c, i) => {
    const k = holders.indexOf(c)
    return add([0, 0, must(result.reactionsN[i])], must(arms[i]), k >= 0 ? must(friction[k]) : [0, 0, 0])
  })
  return { forces, residualNm: result.residualNm, balanced: result.residualNm < 0.5 }
}

/** Horizontal forces of least norm with a given sum and turning moment about the vertical. */
function frictionOf(places: readonly Vector[], sum: Vector, yawNm: number): Vector[] {
  if (places.length === 0) return []
  const middle = times(add(...places), 1 / places.length)
  const even = times(sum, 1 / places.length)
  const spread = places.reduce((total, p) => total + (p[0] - middle[0]) ** 2 + (p[1] - middle[1]) ** 2, 0)
  const already = places.reduce((total, p) => total + p[0] * even[1] - p[1] * even[0], 0)
  const turn = spread > 1e-9 ? (yawNm - already) / spread : 0
  return places.map(p => add(even, [-(p[1] - middle[1]) * turn, (p[0] - middle[0]) * turn, 0]))
}

/**
 * The moment at a section of the trunk of a body that is held still.
 *
 * Weights and outside loads are known; the ground answers with the smallest pushes that balance them; the moment is
 * the sum over everything above the cut, told in the trunk's own axes. The sum below must be equal and opposite.
 *
 * @example
 * Math.round(statics(placed(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), STANDING), [{ at: [0, 0, -1], above: false, grips: true }], []).axialN) // => 395
 */
export function statics(
  skeleton: Skeleton, contacts: readonly Contact[], loads: readonly Load[],
  options: { section?: Section, resting?: Resting } = {},
): Statics {
  const { section = 'lumbar', resting = [] } = options
  const isAbove = (
    m: Skeleton['masses'][number],
  ): boolean => (section === 'lumbar' ? m.aboveLumbar : m.aboveThoracolumbar)
  const carried = carriedBy(skeleton, resting)
  const weights: Force[] = [
    ...carried.map(m => ({ at: m.at, forceN: [0, 0, -m.massKg * G] as Vector, above: isAbove(m) })),
    ...loads,
  ]
  const { forces, residualNm, balanced } = groundForces(weights, contacts)
  const everything: Force[] = [
    ...weights,
    ...contacts.map((c, i) => ({ at: c.at, forceN: must(forces[i]), above: c.above })),
  ]
  const cut = section === 'lumbar' ? skeleton.joints.lumbar : skeleton.joints.thoracolumbar
  const momentOn = (above: boolean): Vector => everything.filter(f => f.above === above)
    .reduce<Vector>((sum, f) => add(sum, cross(minus(f.at, cut), f.forceN)), [0, 0, 0])
  const [upper, lower] = [momentOn(true), momentOn(false)]
  const force = add(...everything.filter(f => f.above).map(f => f.forceN))
  const com = times(add(...carried.map(m => times(m.at, m.massKg))), 1 / carried.reduce((sum, m) => sum + m.massKg, 0))
  return {
    section,
    ...inAxes(upper, force, section === 'lumbar' ? skeleton.frame : skeleton.thoraxFrame),
    handsShare: contacts.reduce((sum, c, i) => sum + (c.hand ? must(forces[i])[2] : 0), 0) / (skeleton.body.massKg * G),
    supportMarginM: supportMargin(contacts.map(c => c.at), pressurePoint(weights, groundOf(contacts), com)),
    residualNm: Math.max(residualNm, balanced ? norm(add(upper, lower)) : residualNm),
    balanced,
    contacts: contacts.map((c, i) => ({ at: c.at, forceN: must(forces[i]) })),
    com,
  }
}

const carriedBy = ({ masses }: Skeleton, resting: Resting): readonly Skeleton['masses'][number][] =>
  masses.filter(m => !(resting as readonly string[]).includes(m.part))

function inAxes(moment: Vector, force: Vector, { up, front }: TrunkAxes): TrunkMoment {
  const left = cross(up, front)
  return {
    sagittalNm: dot(moment, left), frontalNm: dot(moment, front), transverseNm: dot(moment, up),
    axialN: -dot(force, up),
  }
}

/** Height at which the ground is felt: the middle of what holds sideways, or of all contacts. */
function groundOf(contacts: readonly Contact[]): number {
  const gripping = contacts.filter(c => c.grips)
  const of = gripping.length > 0 ? gripping : contacts
  return of.reduce((sum, c) => sum + c.at[2], 0) / of.length
}

/** Where the line of all outside forces meets a ground of this height; under the body where nothing presses down. */
function pressurePoint(forces: readonly Pick<Load, 'at' | 'forceN'>[], groundM: number, com: Vector): Vector {
  const down = forces.reduce((sum, f) => sum + f.forceN[2], 0)
  if (Math.abs(down) < 1e-9) return com
  const place = (axis: 0 | 1): number =>
    forces.reduce((sum, f) => sum + f.at[axis] * f.forceN[2] - (f.at[2] - groundM) * f.forceN[axis], 0) / down
  return [place(0), place(1), groundM]
}

/**
 * Where a body with its loads presses on the ground: balance asks that its contacts stand about this point.
 *
 * @example
 * pressureOf(placed(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), STANDING), [], []).map(v => Math.round(v * 100) / 100 + 0) // => [0, 0, 0]
 */
export function pressureOf(
  skeleton: Skeleton, contacts: readonly Contact[], loads: readonly Load[], resting: Resting = [],
): Vector {
  const weights = carriedBy(skeleton, resting).map(m => ({ at: m.at, forceN: [0, 0, -m.massKg * G] as Vector }))
  return pressurePoint([...weights, ...loads], contacts.length > 0 ? groundOf(contacts) : 0, [0, 0, 0])
}

/**
 * How far a point lies inside the outline of the contacts seen from above, metres; negative outside.
 * Contacts on one line give the distance to its nearer end.
 *
 * @example
 * supportMargin([[0, 0, 0], [2, 0, 0]], [0.5, 0, 1]) // => 0.5
 */
export function supportMargin(contacts: readonly Vector[], point: Vector): number {
  const outline = hull(contacts.map(c => [c[0], c[1]] as const))
  if (outline.length === 1) return -Math.hypot(point[0] - must(outline[0])[0], point[1] - must(outline[0])[1])
  if (outline.length === 2) {
    const [a, b] = outline as [Place, Place]
    const along = unit([b[0] - a[0], b[1] - a[1], 0])
    const t = (point[0] - a[0]) * along[0] + (point[1] - a[1]) * along[1]
    return Math.min(t, Math.hypot(b[0] - a[0], b[1] - a[1]) - t)
  }
  return Math.min(...outline.map((a, i) => {
    const b = must(outline[(i + 1) % outline.length])
    const edge = unit([b[0] - a[0], b[1] - a[1], 0])
    return edge[0] * (point[1] - a[1]) - edge[1] * (point[0] - a[0])
  }))
}

type Place = readonly [number, number]

/** Convex outline, counter-clockwise (monotone chain). */
function hull(places: readonly Place[]): Place[] {
  const sorted = [...places].sort((a, b) => a[0] - b[0] || a[1] - b[1])
    .filter((p, i, all) => i === 0 || Math.hypot(p[0] - must(all[i - 1])[0], p[1] - must(all[i - 1])[1]) > 1e-6)
  if (sorted.length < 3) return sorted
  const half = (list: readonly Place[]): Place[] => {
    const chain: Place[] = []
    for (const p of list) {
      while (chain.length >= 2) {
        const [a, b] = chain.slice(-2) as [Place, Place]
        if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 1e-9) break
        chain.pop()
      }
      chain.push(p)
    }
    return chain.slice(0, -1)
  }
  const outline = [...half(sorted), ...half([...sorted].reverse())]
  return outline.length >= 3 ? outline : [must(sorted[0]), must(sorted.at(-1))]
}
