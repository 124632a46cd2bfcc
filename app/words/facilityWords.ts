import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { SPACES, type Space } from '~~/core/floor/session'
import { threeWay, type Choices } from '~~/core/merge'
import type { Facility } from '~~/shared/types'
import { writeWeights } from './weightsText'

type Equipped = Pick<Facility, 'counts' | 'weights'>

/** Weights stand beside counts under a key of their own, so that two coaches may change one each. */
const WEIGHTS = 'weights of '
const flat = ({ counts, weights }: Equipped): Record<string, unknown> => ({
  ...counts, ...Object.fromEntries(Object.entries(weights).map(([key, list]) => [`${WEIGHTS}${key}`, list])),
})
const isWeights = (key: string): boolean => key.startsWith(WEIGHTS)

function unflat(merged: Readonly<Record<string, unknown>>): Equipped {
  const all = Object.entries(merged)
  return {
    counts: Object.fromEntries(all.filter(([key]) => !isWeights(key))) as Equipped['counts'],
    weights: Object.fromEntries(
      all.filter(([key]) => isWeights(key)).map(([key, list]) => [key.slice(WEIGHTS.length), list]),
    ) as Equipped['weights'],
  }
}

function nameOf(key: string): string {
  if (Object.hasOwn(SPACES, key)) return SPACES[key as Space].name
  const name = EQUIPMENT[(isWeights(key) ? key.slice(WEIGHTS.length) : key) as Equipment]
  return isWeights(key) ? `${name}, weights` : name
}

function inWords(of: Readonly<Record<string, unknown>>, key: string): string {
  const value = of[key]
  return isWeights(key) ? writeWeights((value as number[] | undefined) ?? []) || 'as usual' : String(value ?? 0)
}

/** Two accounts of one gym: what clashes, in words, and the account that comes of a choice. */
export function equipmentClash(start: Equipped, mine: Equipped, current: Facility) {
  const versions = [flat(start), flat(mine), flat(current)] as const
  const { conflicts, theirs: others } = threeWay(...versions)
  return {
    who: 'Another coach', version: current.version, theirs: { counts: current.counts, weights: current.weights },
    rows: conflicts.map(key => ({
      key, what: nameOf(key), mine: inWords(versions[1], key), theirs: inWords(versions[2], key),
    })),
    others: others.map(key => `${nameOf(key)}: ${inWords(versions[2], key)}`),
    chosen: (choices: Choices) => unflat(threeWay(...versions, choices).merged as Record<string, unknown>),
  }
}
