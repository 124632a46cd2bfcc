import { bodyOf, type Body, type BodySize } from '../anatomy'
import type { Held, Model, ModelSettings } from './model'
import { settingsOf } from './model'
import { statics, type Statics } from './statics'
import { askOf } from './typical'

/** A position with what it does to the trunk. */
export interface Evaluation extends Statics {
  readonly held: Held
  readonly settings: ModelSettings
  /** The component that asks most of a trunk for what it can hold in that direction; its moment is signed. */
  readonly dominant: Component
  readonly dominantNm: number
}

export type Component = 'sagittal' | 'frontal' | 'transverse'

/** Half width of the band of doubt around a moment, share of it: our own estimate. */
export const DOUBT = 0.22

/**
 * What a position does to one body's trunk: pose, ground, moment at each section looked at, the larger taken.
 *
 * @throws DomainError naming a body measure or setting that is out of range or cannot be reached.
 * @example
 * Math.round(evaluate(findModel('elbowPlank'), { sex: 'male', heightM: 1.8, massKg: 80 }, {}).sagittalNm) // => -121
 */
export function evaluate(model: Model, size: BodySize, given: Readonly<Record<string, unknown>>): Evaluation {
  return evaluateBody(model, bodyOf(size), settingsOf(model.settings, given))
}

/**
 * The same for a body and settings that are known to be good.
 *
 * @throws DomainError where the pose cannot be reached.
 * @example
 * Math.round(evaluateBody(findModel('elbowPlank'), bodyOf({ sex: 'female', heightM: 1.68, massKg: 62 }), settingsOf(findModel('elbowPlank').settings, {})).sagittalNm) // => -79
 */
export function evaluateBody(model: Model, body: Body, settings: ModelSettings): Evaluation {
  const held = model.hold(body, settings)
  const sections = held.sections ?? ['lumbar']
  const found = sections.map(section =>
    statics(held.skeleton, held.contacts, held.loads, { section, ...(held.resting ? { resting: held.resting } : {}) })
  )
  const best = found.reduce((a, b) => (sizeOf(b) > sizeOf(a) ? b : a))
  const components = { sagittal: best.sagittalNm, frontal: best.frontalNm, transverse: best.transverseNm }
  const asks = askOf(best)
  const strength = { sagittal: asks.arch + asks.fold, frontal: asks.side, transverse: asks.turn }
  const dominant = (Object.keys(components) as Component[]).reduce((a, b) => (strength[b] > strength[a] ? b : a))
  return { ...best, held, settings, dominant, dominantNm: components[dominant] }
}

function sizeOf(s: Statics): number {
  return Math.max(Math.abs(s.sagittalNm), Math.abs(s.frontalNm), Math.abs(s.transverseNm))
}
