import type { Bound, Timetable } from '~~/core/floor'
import { stationName } from '~~/core/floor/session'

/** Ticks as minutes; half ones are said. */
const inMinutes = (ticks: number): string => `${ticks / 2} min`

/** Why a floor cannot be shorter. */
function because({ because: why }: Bound, nameOf: (athleteId: string) => string): string {
  switch (why?.kind) {
    case 'athlete': return `${nameOf(why.id)} has that much to do`
    case 'place': return `${stationName(why.id).toLowerCase()}: there is no more room`
    case 'apart': return 'throws and carries keep apart'
    case 'coach': return 'you look on all the time'
    case 'helpers': return 'everybody works or helps all the time'
    default: return 'there is nothing to do'
  }
}

/** How good a timetable is, in a sentence. */
export function timetableText({ end, bound, proven, left, over }: Timetable, nameOf: (id: string) => string): string {
  const good = proven
    ? `nothing shorter exists (${because(bound, nameOf)})`
    : `at most ${inMinutes(Math.max(0, end - bound.end))} longer than possible`
  return [
    `${inMinutes(end)}: ${good}`,
    ...(left.length > 0 ? [`${left.length} ${left.length === 1 ? 'block has' : 'blocks have'} no room`] : []),
    ...over.map(({ athlete, ticks }) => `${nameOf(athlete)} would leave ${inMinutes(ticks)} early`),
  ].join('; ')
}
