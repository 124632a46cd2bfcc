import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { threeWay, type Choices } from '~~/core/merge'
import type { Facility } from '~~/shared/types'

type Counts = Facility['counts']

/** Two counts of one gym: what clashes, in words, and the count that comes of a choice. */
export function equipmentClash(start: Counts, mine: Counts, current: Facility) {
  const theirs = current.counts
  const versions = [{ ...start }, { ...mine }, { ...theirs }] as const
  const { conflicts, theirs: others } = threeWay(...versions)
  const text = (counts: Counts, key: string): string => String(counts[key] ?? 0)
  return {
    who: 'Another coach', version: current.version, theirs,
    rows: conflicts.map(key => ({
      key, what: EQUIPMENT[key as Equipment], mine: text(mine, key), theirs: text(theirs, key),
    })),
    others: others.map(key => `${EQUIPMENT[key as Equipment]}: ${text(theirs, key)}`),
    chosen: (choices: Choices) => threeWay(...versions, choices).merged as Counts,
  }
}
