import type { Circuit } from '~~/core/programme'
import type { TimerPlace } from '~~/core/timer'

const many = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`

/** "3 rounds of 4 stations, 30 s of work, 15 s of rest, 60 s between rounds": what a circuit is. */
export function circuitText({ rounds, times = 1, workS, restS, roundRestS }: Circuit, stations: number): string {
  return [
    `${many(rounds, 'round')} of ${many(stations, 'station')}${times > 1 ? `, each ${times} times` : ''}`,
    `${workS} s of work`, restS > 0 ? `${restS} s of rest` : 'no rest between them',
    ...rounds > 1 ? [`${roundRestS} s between rounds`] : [],
  ].join(', ')
}

/** What the face of a circuit's timer says; a title where it is no drill. */
export function placeText(
  place: TimerPlace | null, circuit: Circuit | null,
): { readonly face: string, readonly line: string, readonly title: string | null } {
  if (!place) return { face: String(circuit?.workS ?? ''), line: 's of work', title: null }
  const { phase: { kind, word, count }, left } = place
  const face = String(Math.ceil(Math.max(0, left)))
  const round = count ? `round ${count.at} of ${count.of}` : 's'
  if (kind === 'ready') return { face, line: 'get ready', title: null }
  if (kind === 'rest') return { face, line: `rest, ${round}`, title: 'Rest' }
  return { face, line: round, title: word }
}
