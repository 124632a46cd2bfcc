import { CAPACITY_WORDS, type Capacity, type Effort, type KnownTrunk } from '~~/core/capacity'
import type { ItemEffort, WeakestDirection } from '~~/core/programme'

/** Full sets as they are written down: one decimal. */
export const inSets = (fullSets: number): string => fullSets.toFixed(1)

/** How far a set goes, in tens of per cent. */
const wayOf = (effort: number): string => (effort < 0.1 ? 'under 10 %' : `${Math.round(effort * 10) * 10} %`)
const aboutWay = (effort: number): string =>
  `${effort < 0.1 ? '' : 'about '}${wayOf(effort)} of the way to the own limit`

/** Newton metres as they are known: to the nearest five. */
export const aboutNm = (nm: number): string => String(Math.round(nm / 5) * 5)

/** The same in a word or two, for a label: how far a set goes, and full sets of all together. */
export function worthWord(worth: ItemEffort | null): string {
  if (worth?.kind !== 'work') return ''
  return `${wayOf(worth.effort.effort)} = ${inSets(Math.max(...Object.values(worth.fullSets)))}`
}

/** What a set comes to for this athlete, in a line; empty where it is no work. */
export function worthText({ kind, effort, fullSets }: ItemEffort): string {
  if (kind === 'fast') return 'Fast work: counted in contacts, never as full sets.'
  if (kind !== 'work') return 'Activation: it wakes up, and counts in minutes.'
  const most = Math.max(...Object.values(fullSets))
  return `One set goes ${aboutWay(effort.effort)}; all sets together are ${
    inSets(most)
  } full sets.`
}

/** How heavy it is and how long it could be kept up; null for a drill whose moment nobody computes. */
export function loadOnTrunk({ effort }: ItemEffort): string | null {
  const { r, limitS, decides } = effort
  if (r === null || limitS === null || decides === null) return null
  return `At its hardest it asks ${Math.round(r * 100)} % of what the trunk can hold for an instant ${
    CAPACITY_WORDS[decides]
  }; the longest such set is ${inTime(limitS)}.`
}

/** What is believed of the direction that decides. */
export function capacityText({ nm, low, high, measured }: Capacity): string {
  const band = `about ${aboutNm(nm)} N·m, nine times in ten between ${aboutNm(low)} and ${aboutNm(high)}`
  return measured ? `It holds ${band}.` : `Not measured yet: people of this kind hold ${band}.`
}

/** The capacity that a set would end at; null where there is none to tell. */
export function decidingCapacity({ effort }: ItemEffort, trunk: KnownTrunk): Capacity | null {
  return effort.r === null || effort.decides === null ? null : trunk.known[effort.decides]
}

/** Where a trunk holds least of what its sport asks, as a sentence. */
export function weakestText({ id, part, asked, certain }: WeakestDirection, sportName: string): string {
  const holds = `${Math.round(part * 100)} % of what people of this kind hold`
  return `Least ${CAPACITY_WORDS[id]}: about ${holds}, where ${sportName.toLowerCase()} asks ${
    Math.round(asked * 100)
  } % of the week. ${certain ? 'The others hold more, by more than the doubt.' : 'Not certain: the bands overlap.'}`
}

/** What one set at the settings of the bench comes to for an athlete. */
export function benchEffortText({ effort, r, limitS, kind }: Effort): string {
  if (r === null || limitS === null) return 'How far it goes is not computed.'
  const heavy = `${Math.round(r * 100)} % of what this trunk can hold`
  if (kind !== 'work') return `For this athlete one set is no work: ${heavy}.`
  const way = effort >= 1 ? 'past the own limit' : aboutWay(effort)
  return `For this athlete one set goes ${way}: ${heavy}, ${inTime(limitS)} at the longest.`
}

const inTime = (seconds: number): string =>
  (seconds >= 120 ? `about ${Math.round(seconds / 60)} min` : `about ${Math.round(seconds)} s`)
