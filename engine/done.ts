import type { Prescribed, SetLog } from '../core/assessment'
import { STANDARD } from '../core/catalogue'
import { DomainError } from '../core/errors'
import type { ReadDecide } from './schemas/decide'

const itemOf = (index: number): string => `done.${index}`

/** What was planned, as the core knows it. */
export function prescribedOf({ done }: Pick<ReadDecide, 'done'>): Prescribed[] {
  return done.map(({ variation, day, planned, unit, tempo }, i) => ({
    itemId: itemOf(i), variationId: variation, day, extraSetSide: null,
    dose: { ...planned, unit, restS: 0, ...tempo ? { tempo } : {} },
  }))
}

/** What was done; a drill that is not in the catalogue is said of its place. */
export function logsOf({ done }: Pick<ReadDecide, 'done'>): SetLog[] {
  return done.flatMap(({ variation, day, unit, tempo, settings, sets }, i) => {
    if (!STANDARD.find(variation)) throw new DomainError(`${itemOf(i)}.variation`, `There is no drill ${variation}.`)
    return sets.map((set, n): SetLog => ({
      ...set, prescribedItemId: itemOf(i), variationId: variation, day, setNumber: n + 1, unit, tempo,
      setting: settings, feltAt: [],
    }))
  })
}

/** What was done is evidence of the trunk too. */
export const asEvidence = ({ evidence, done }: Pick<ReadDecide, 'evidence' | 'done'>): ReadDecide['evidence'] => ({
  ...evidence,
  sets: [
    ...evidence.sets,
    ...done.flatMap(({ variation, day, unit, tempo, settings, sets }) =>
      sets.map(({ side, amount, breakPoint, effort }) =>
        ({ variation, day, unit, tempo, settings, side, amount, breakPoint, effort }))),
  ],
})
