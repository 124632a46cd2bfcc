import { must } from '../errors'
import type { Evaluation } from './evaluate'
import type { Model } from './model'
import type { Joint } from './skeleton'
import type { Vector } from './vector'

/** A point of a picture: right and up, metres. */
export type Spot = readonly [number, number]

/** A position as a picture: lines from the far side to the near one, all in metres of the picture's plane. */
export interface Figure {
  readonly far: readonly (readonly Spot[])[]
  readonly trunk: readonly Spot[]
  /** Shoulders, hips and neck: what joins the limbs and the head to the trunk. */
  readonly girdles: readonly (readonly Spot[])[]
  readonly near: readonly (readonly Spot[])[]
  readonly head: { readonly at: Spot, readonly radiusM: number }
  readonly lumbar: Spot
  readonly contacts: readonly { readonly at: Spot, readonly forceN: number, readonly pull: Spot }[]
  readonly loads: readonly {
    readonly at: Spot
    readonly direction: Spot
    readonly forceN: number
    readonly isWeight: boolean
  }[]
  readonly box: { readonly left: number, readonly right: number, readonly bottom: number, readonly top: number }
}

/** Seen from the side, or from the front and a little to one side so that depth shows. */
const YAW_RAD = { side: 0, front: 62 * Math.PI / 180 } as const

/**
 * The very pose that was computed, as a line figure.
 *
 * @example
 * figureOf(evaluate(findModel('elbowPlank'), { sex: 'male', heightM: 1.8, massKg: 80 }, {}), 'side').trunk.length // => 4
 */
export function figureOf({ held, contacts }: Pick<Evaluation, 'held' | 'contacts'>, view: Model['view']): Figure {
  const yaw = YAW_RAD[view]
  const [c, s] = [Math.cos(yaw), Math.sin(yaw)]
  const spot = (v: Vector): Spot => [v[0] * c + v[1] * s, v[2]]
  const { joints, body } = held.skeleton
  const line = (...names: Joint[]): Spot[] => names.map(name => spot(joints[name]))
  const limbs = (side: 'Left' | 'Right'): Spot[][] => [
    line(`shoulder${side}`, `elbow${side}`, `wrist${side}`, `grip${side}`),
    line(`hip${side}`, `knee${side}`, `ankle${side}`),
    line(`heel${side}`, `ankle${side}`, `ball${side}`, `toe${side}`),
  ]
  // The segment is head and neck: the head itself is its upper part.
  const headAt = joints.cervicale.map((v, i) => v + 0.56 * (must(joints.vertex[i]) - v)) as unknown as Vector
  const head = { at: spot(headAt), radiusM: body.lengthM.head * 0.42 }
  const trunk = line('hip', 'lumbar', 'thoracolumbar', 'shoulder')
  const girdles = [line('shoulderLeft', 'shoulderRight'), line('hipLeft', 'hipRight'), [spot(joints.shoulder), head.at]]
  const figure = {
    far: limbs('Left'), near: limbs('Right'), trunk, girdles, head, lumbar: spot(joints.lumbar),
    contacts: contacts.map(({ at, forceN }) => ({
      at: spot(at), forceN: Math.hypot(...forceN), pull: direction(spot(forceN)),
    })),
    loads: held.loads.map(({ at, forceN }) => ({
      at: spot(at), direction: direction(spot(forceN)), forceN: Math.hypot(...forceN),
      isWeight: Math.abs(forceN[0]) + Math.abs(forceN[1]) < 1e-9,
    })),
  }
  const all = [...figure.far.flat(), ...figure.near.flat(), ...trunk, ...figure.contacts.map(contact => contact.at)]
  const [xs, ys] = [all.map(p => p[0]), all.map(p => p[1])]
  return {
    ...figure,
    box: {
      left: Math.min(...xs, head.at[0] - head.radiusM), right: Math.max(...xs, head.at[0] + head.radiusM),
      bottom: Math.min(...ys), top: Math.max(...ys, head.at[1] + head.radiusM),
    },
  }
}

function direction([x, y]: Spot): Spot {
  const length = Math.hypot(x, y)
  return length > 1e-9 ? [x / length, y / length] : [0, 0]
}
