import { must } from '../errors'
import type { Body } from '../anatomy'
import { evaluateBody, type Component } from './evaluate'
import { poseOf, settingsFor, type Posed } from './links'
import type { PoseLink } from './poseLinks'
import { settingsOf } from './model'
import { findModel } from './poses'

/** A variation in a setting whose moment is near what was asked for. */
export interface Found {
  readonly variationId: string
  readonly settings: Readonly<Record<string, number>>
  /** The setting that was moved, null where the variation is taken as it stands. */
  readonly moved: string | null
  readonly momentNm: number
  readonly ratio: number
}

const STEPS = 24

/**
 * Variations whose moment in one plane is nearest to a multiple of a given one: as they stand, or with one slider
 * moved.
 *
 * @param candidates drills in the order of preference; the caller has screened them for equipment and flags
 * @example
 * nearTo([{ id: 'front-plank.weight-on-back' }], bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 }), 'sagittal', -121, 1.1)[0].moved // => 'loadKg'
 */
export function nearTo(
  candidates: readonly Posed[], body: Body, component: Component, baseNm: number, factor: number,
): Found[] {
  const wanted = Math.abs(baseNm) * factor
  const found: Found[] = []
  for (const candidate of candidates) {
    const variationId = candidate.id
    const link = poseOf(candidate)
    const model = link && findModel(link.model)
    if (!link || !model) continue
    const own = settingsFor(link, body)
    const tries = [{ moved: null as string | null, settings: settingsOf(model.settings, own) }]
    for (const name of link.open) {
      const { min, max, step } = must(model.settings[name])
      const by = Math.max(step, Math.round((max - min) / STEPS / step) * step)
      for (let value = min; value <= max + 1e-9; value += by) {
        tries.push({ moved: name, settings: settingsOf(model.settings, { ...own, [name]: Math.min(max, value) }) })
      }
    }
    const best = tries.flatMap(({ moved, settings }): Found[] => {
      const momentNm = momentOrNull(link, body, settings, component)
      return momentNm === null || Math.sign(momentNm) !== Math.sign(baseNm)
        ? []
        : [{ variationId, settings, moved, momentNm, ratio: Math.abs(momentNm / baseNm) }]
    }).reduce<Found | null>((a, b) => (a && off(a, wanted) <= off(b, wanted) ? a : b), null)
    if (best) found.push(best)
  }
  return found.sort((a, b) => off(a, wanted) - off(b, wanted))
}

const off = (f: Found, wanted: number): number => Math.abs(Math.abs(f.momentNm) - wanted)

function momentOrNull(
  link: PoseLink, body: Body, settings: Readonly<Record<string, number>>, component: Component,
): number | null {
  try {
    const result = evaluateBody(must(findModel(link.model)), body, settings)
    return result.balanced && result.dominant === component ? result.dominantNm : null
  }
  catch (error) {
    // A slider may go where this body does not: that setting is no answer.
    if ((error as Error).name === 'DomainError') return null
    throw error
  }
}
