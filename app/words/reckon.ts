import { bodyOf } from '~~/core/anatomy'
import type { Variation } from '~~/core/catalogue'
import { DomainError } from '~~/core/errors'
import {
  evaluateBody, figureOf, findModel, poseOf, settingsFor, settingsOf, whyNoPose, type Evaluation, type Figure,
  type ModelSettings,
} from '~~/core/mechanics'
import type { Removal } from '~~/core/screening'
import type { AthleteInput } from '~~/shared/types'

/** One rung on the bench: what it asks of this athlete, or why that is not reckoned. */
export interface BenchRung {
  readonly variation: Variation
  /** Of the body it is reckoned for. */
  readonly massKg: number
  readonly settings: ModelSettings
  readonly result: Evaluation | null
  readonly figure: Figure | null
  readonly nm: number
  readonly problem: string
  /** Rules other than the rung itself that take it away. */
  readonly removed: readonly Removal[]
}

/** A moment for a person's body, with the picture of the pose it comes from. */
export function reckon(
  variation: Variation, athlete: Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg'>, moved: ModelSettings = {},
): Omit<BenchRung, 'removed'> {
  const link = poseOf(variation)
  const bare = { variation, massKg: athlete.massKg, settings: {}, result: null, figure: null, nm: 0 }
  if (!link) return { ...bare, problem: whyNoPose(variation) }
  const model = findModel(link.model)!
  try {
    const body = bodyOf({ sex: athlete.sex, heightM: athlete.heightCm / 100, massKg: athlete.massKg })
    const settings = settingsOf(model.settings, { ...settingsFor(link, body), ...moved })
    const result = evaluateBody(model, body, settings)
    return {
      variation, massKg: athlete.massKg, settings, result, figure: figureOf(result, model.view),
      nm: Math.abs(result.dominantNm),
      problem: result.balanced ? '' : 'Not in balance as it is set.',
    }
  }
  catch (error) {
    if (!(error instanceof DomainError)) throw error
    return { ...bare, problem: error.message }
  }
}
