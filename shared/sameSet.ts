import type { SetLogInput } from './types'

type Said = Pick<
  SetLogInput, 'id' | 'prescribedItemId' | 'side' | 'setNumber' | 'performedAt' | 'breakPoint' | 'feltAt' | 'effort'
  | 'painAt' | 'note' | 'quality'
>

type Place = Pick<Said, 'prescribedItemId' | 'side' | 'setNumber'>

/** Where a set stands in its session. */
export const placeOfSet = ({ prescribedItemId, side, setNumber }: Place): string =>
  `${prescribedItemId}/${side ?? 'both'}/${setNumber}`

/** A set that was done: what is at the same place on another day was done again. */
export const setKey = (log: Place & Pick<SetLogInput, 'day'>): string => `${log.day}/${placeOfSet(log)}`

/** Pain before everything, then a set that broke, then one with an effort, then the later one. */
const rank = (log: Said): readonly (number | string)[] => [
  Number(log.breakPoint === 'pain' || log.painAt !== null), Number(log.breakPoint !== 'none'),
  Number(log.effort !== null), log.performedAt, log.id,
]

function before(a: Said, b: Said): boolean {
  const [left, right] = [rank(a), rank(b)]
  const at = left.findIndex((value, i) => value !== right[i])
  return at >= 0 && left[at]! < right[at]!
}

/**
 * One set that two devices have logged: the one that says more, with what only the other says. Whichever arrives first,
 * the same comes out, and it keeps the key of the one that is stored. Pain that one of them tells is never lost.
 */
export function mergeSets<L extends Said>(stored: L, other: L): L {
  const [more, less] = before(stored, other) ? [other, stored] : [stored, other]
  return {
    ...more,
    id: stored.id,
    feltAt: more.feltAt.length > 0 ? more.feltAt : less.feltAt,
    effort: more.effort ?? less.effort,
    painAt: more.painAt ?? less.painAt,
    note: more.note || less.note,
    ...(more.quality ?? less.quality) == null ? {} : { quality: more.quality ?? less.quality },
  }
}

/** Sets as they count, one at each place: those that were put right as they are now, doubles as one. */
export function settleSets(logs: readonly SetLogInput[]): SetLogInput[] {
  const places = new Map<string, SetLogInput>()
  for (const { corrects, ...log } of logs) {
    const place = setKey(log)
    const there = places.get(place)
    if (there?.id === log.id) continue
    if (!there) places.set(place, log)
    else places.set(place, corrects ? { ...log, id: there.id } : mergeSets(there, log))
  }
  return [...places.values()]
}
