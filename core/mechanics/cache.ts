import { bodyOf, type BodySize } from '../anatomy'
import { evaluateBody, type Component } from './evaluate'
import { settingsOf, type Model } from './model'

/** The figures of an evaluation, without its picture. */
export interface Figures {
  readonly sagittalNm: number
  readonly frontalNm: number
  readonly transverseNm: number
  readonly axialN: number
  readonly handsShare: number
  readonly dominant: Component
  readonly dominantNm: number
  readonly balanced: boolean
}

/**
 * An evaluator that remembers. A pose does not depend on body mass, and what comes of body weight alone goes with it:
 * one evaluation serves every mass of a sex and height, unless something is held.
 *
 * @example
 * Math.round(rememberingEvaluator()(findModel('elbowPlank'), { sex: 'male', heightM: 1.8, massKg: 80 }, {}).sagittalNm) // => -121
 */
export function rememberingEvaluator(): (
  model: Model, size: BodySize, settings: Readonly<Record<string, number>>,
) => Figures {
  const known = new Map<string, { massKg: number, scales: boolean, figures: Figures }>()
  return (model, size, given) => {
    const place = `${model.id} ${size.sex} ${size.heightM} ${JSON.stringify(given)}`
    const found = known.get(place) ?? known.get(`${place} ${size.massKg}`)
    if (found) return found.scales ? scaled(found.figures, size.massKg / found.massKg) : found.figures
    const result = evaluateBody(model, bodyOf(size), settingsOf(model.settings, given))
    const { sagittalNm, frontalNm, transverseNm, axialN, handsShare, dominant, dominantNm, balanced } = result
    const figures = { sagittalNm, frontalNm, transverseNm, axialN, handsShare, dominant, dominantNm, balanced }
    const scales = result.held.loads.length === 0
    known.set(scales ? place : `${place} ${size.massKg}`, { massKg: size.massKg, scales, figures })
    return figures
  }
}

function scaled(f: Figures, factor: number): Figures {
  return {
    ...f, sagittalNm: f.sagittalNm * factor, frontalNm: f.frontalNm * factor, transverseNm: f.transverseNm * factor,
    axialN: f.axialN * factor,
    dominantNm: f.dominantNm * factor,
  }
}
