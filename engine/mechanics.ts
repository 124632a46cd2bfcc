import { bodyOf, type BodySize } from '../core/anatomy'
import { findVariation, publishedCompression, VARIATIONS } from '../core/catalogue'
import { DomainError } from '../core/errors'
import {
  bandLaw, bandTension, DOUBT, evaluateBody, findModel, pathOf, poseOf, settingsFor, settingsOf, verticalReactions,
  whyNoPose,
} from '../core/mechanics'
import { bandSchema, momentsSchema, reactionsSchema } from './schemas/mechanics'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0

/** Every variation with what can be set about it. */
export function variations(): unknown {
  return VARIATIONS.map(({ id, name, ladder, branch, rung, after }) => {
    const link = poseOf({ id })
    const compression = publishedCompression(id)
    if (!link) return { id, name, ladder, branch, rung, after, compression, pose: null, why: whyNoPose({ id }) }
    const facts = findModel(link.model)!.settings
    return {
      id, name, ladder, branch, rung, after, compression, pose: link.model,
      settings: Object.entries(facts).map(([key, { label, unit, min, max, step, default: standard }]) =>
        ({ name: key, label, unit, min, max, step, default: link.set[key] ?? standard })),
    }
  })
}

function momentsOf(size: BodySize, variation: string, given: Readonly<Record<string, number>>) {
  if (!findVariation(variation)) throw new DomainError('variation', `There is no variation ${variation}.`)
  const link = poseOf({ id: variation })
  if (!link) throw new DomainError('variation', `${variation} has no pose: ${whyNoPose({ id: variation })}`)
  const body = bodyOf(size)
  const settings = settingsOf(findModel(link.model)!.settings, { ...settingsFor(link, body), ...given })
  const e = evaluateBody(findModel(link.model)!, body, settings)
  const size0 = Math.abs(e.dominantNm)
  return {
    variation, pose: link.model, settings, section: e.section === 'lumbar' ? 'L4/L5' : 'T12', balanced: e.balanced,
    sagittalNm: round(e.sagittalNm, 3), frontalNm: round(e.frontalNm, 3), transverseNm: round(e.transverseNm, 3),
    axialN: round(e.axialN, 2), handsShare: round(e.handsShare, 5), supportMarginM: round(e.supportMarginM, 4),
    residualNm: round(e.residualNm, 6), dominant: e.dominant, dominantNm: round(e.dominantNm, 3),
    path: pathOf({ id: variation }, body, given).map(p => ({
      along: round(p.along, 3), sagittalNm: round(p.sagittalNm, 3), frontalNm: round(p.frontalNm, 3),
      transverseNm: round(p.transverseNm, 3),
    })),
    doubtNm: [round(size0 * (1 - DOUBT), 1), round(size0 * (1 + DOUBT), 1)],
  }
}

/** The moment of one variation, or of all as a table. */
export function moments(input: Input): unknown {
  const { sex, heightM, massKg, variation, settings } = read(momentsSchema, input)
  const size = { sex, heightM, massKg }
  if (variation !== 'all') return momentsOf(size, variation, settings)
  const columns = [
    'variation', 'sagittalNm', 'frontalNm', 'transverseNm', 'axialN', 'handsShare', 'supportMarginM', 'residualNm',
    'balanced',
  ] as const
  const rows = VARIATIONS.filter(v => poseOf(v)).map((v) => {
    try {
      const found = momentsOf(size, v.id, {})
      return columns.map(column => String(found[column])).join(',')
    }
    catch (error) {
      // A body that cannot take a position has a row without figures; anything else is a fault of ours.
      if (!(error instanceof DomainError)) throw error
      return [v.id, ...columns.slice(1).map(() => '')].join(',')
    }
  })
  return [columns.join(','), ...rows].join('\r\n')
}

/** Pushes of the ground under a load. */
export function reactions(input: Input): unknown {
  const { contacts, loadN, at } = read(reactionsSchema, input)
  const found = verticalReactions(contacts, loadN, at)
  return {
    reactionsN: found.reactionsN.map(n => round(n, 6)),
    residualNm: round(found.residualNm, 6), balanced: found.balanced,
  }
}

/** The pull of a band that was read twice with a scale. */
export function band(input: Input): unknown {
  const { slackM, readings, lengthM, doubled } = read(bandSchema, input)
  const law = bandLaw(slackM, readings)
  const { forceN, warnings } = bandTension(law, lengthM, doubled)
  return { tensionN: round(forceN, 3), a: round(law.a, 4), q: round(law.q, 4), warnings }
}
