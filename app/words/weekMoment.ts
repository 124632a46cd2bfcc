import type { Catalogue } from '~~/core/catalogue'
import { momentTime } from '~~/core/dose'
import type { WeekPlan } from '~~/core/programme'
import type { AthleteInput } from '~~/shared/types'
import { momentOf } from './workAgainst'

/** Moment x time of all drills of a week for this body, kN·m·s, and how many of them have a computed moment. */
export function weekMoment(
  plan: WeekPlan, body: Pick<AthleteInput, 'sex' | 'heightCm' | 'massKg'>, catalogue: Catalogue,
): { readonly kNms: number, readonly known: number, readonly drills: number } {
  let [total, known, drills] = [0, 0, 0]
  for (const item of plan.sessions.flatMap(session => session.items)) {
    const variation = catalogue.find(item.variationId)
    if (!variation) continue
    drills += 1
    const nm = momentOf(variation, item.setting, body)
    if (nm === null) continue
    known += 1
    total += momentTime(item.dose, variation.sides, nm, item.extraSetSide)
  }
  return { kNms: total / 1000, known, drills }
}
