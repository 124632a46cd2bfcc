import type { Body } from '../anatomy'
import { DomainError } from '../errors'
import { evaluateBody } from './evaluate'
import { figureOf, type Figure } from './figure'
import { easyEnd, poseOf, settingsFor, type Posed } from './links'
import { settingsOf, type Model } from './model'
import { DRILL_PICTURES } from './pictures'
import type { PoseLink } from './poseLinks'
import { findModel } from './poses'
import { PICTURES } from './poses/pictures'

/** What a drill looks like. */
export interface DrillFigures {
  /** The easy end of a drill that moves; null for a hold. */
  readonly start: Figure | null
  readonly end: Figure
  readonly view: Model['view']
  /** Declared for the picture only: nothing is computed from it. */
  readonly isPicture: boolean
}

/**
 * The figure of a drill for one body: the very pose that is computed, or a declared one that is marked as a picture;
 * both ends of a drill that moves. Null for a drill of an organisation's own without a pose, and for a pose that this
 * body cannot take.
 *
 * @example
 * drillFigures({ id: 'posterior.shell' }, bodyOf({ sex: 'female', heightM: 1.7, massKg: 64 }))?.isPicture // => true
 */
export function drillFigures(drill: Posed, body: Body): DrillFigures | null {
  const computed = poseOf(drill)
  const link = computed ?? (Object.hasOwn(DRILL_PICTURES, drill.id) ? DRILL_PICTURES[drill.id] : undefined)
  const model = link && (findModel(link.model) ?? PICTURES.find(({ id }) => id === link.model))
  if (!link || !model) return null
  try {
    const easy = easyEnd(link, body)
    return {
      start: easy && figureAt(model, link, body, easy), end: figureAt(model, link, body, {}), view: model.view,
      isPicture: !computed,
    }
  }
  catch (error) {
    if (!(error instanceof DomainError)) throw error
    return null
  }
}

function figureAt(model: Model, link: PoseLink, body: Body, moved: Readonly<Record<string, number>>): Figure {
  const settings = settingsOf(model.settings, { ...settingsFor(link, body), ...moved })
  if (findModel(model.id)) return figureOf(evaluateBody(model, body, settings), model.view)
  const held = model.hold(body, settings)
  return figureOf({ held, contacts: held.contacts.map(({ at }) => ({ at, forceN: [0, 0, 0] })) }, model.view)
}
