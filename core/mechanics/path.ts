import type { Body } from '../anatomy'
import { must } from '../errors'
import { evaluateBody } from './evaluate'
import { easyEnd, poseOf, settingsFor, type Posed } from './links'
import { settingsOf, type ModelSettings } from './model'
import { findModel } from './poses'
import type { Components } from './typical'

/** Positions a repeat is looked at in, its two ends among them. */
export const POSITIONS_OF_PATH = 5

/** One position of a repeat. */
export interface OnPath extends Components {
  /** How far along, 0 at the easy end to 1. */
  readonly along: number
  readonly settings: ModelSettings
  readonly balanced: boolean
}

/**
 * Settings of the positions a repeat goes through, from its easy end to where it is set; one alone for a hold and for
 * what asks the same all the way.
 *
 * @param given settings of the day; the rest are the variation's own
 * @throws DomainError naming a setting that is unknown or out of range.
 * @example
 * pathSettings({ id: 'press-out.standing' }, { heightM: 1.8 }, {}).map(s => s.reachPercent) // => [0, 25, 50, 75, 100]
 */
export function pathSettings(
  drill: Posed, body: Pick<Body, 'heightM'>, given: Readonly<Record<string, number>>,
): ModelSettings[] {
  const link = poseOf(drill)
  if (!link) return []
  const end = settingsOf(must(findModel(link.model)).settings, { ...settingsFor(link, body), ...given })
  const easy = easyEnd(link, body)
  if (!easy) return [end]
  return Array.from({ length: POSITIONS_OF_PATH }, (_, i) => {
    const along = i / (POSITIONS_OF_PATH - 1)
    return {
      ...end,
      ...Object.fromEntries(Object.entries(easy).map(([name, from]) =>
        [name, from + (must(end[name]) - from) * along])),
    }
  })
}

/**
 * The moment of a variation along its repeat, for one body.
 *
 * @throws DomainError naming a setting that is unknown, out of range or cannot be reached.
 * @example
 * pathOf({ id: 'press-out.standing' }, bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), {}).map(p => Math.round(p.transverseNm)) // => [29, 37, 45, 53, 61]
 */
export function pathOf(drill: Posed, body: Body, given: Readonly<Record<string, number>>): OnPath[] {
  const link = poseOf(drill)
  if (!link) return []
  const model = must(findModel(link.model))
  const positions = pathSettings(drill, body, given)
  return positions.map((settings, i) => {
    const { sagittalNm, frontalNm, transverseNm, balanced } = evaluateBody(model, body, settings)
    const along = positions.length > 1 ? i / (positions.length - 1) : 1
    return { along, settings, balanced, sagittalNm, frontalNm, transverseNm }
  })
}
