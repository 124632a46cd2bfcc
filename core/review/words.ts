import type { CapacityId } from '../capacity'
import { knownEnds } from './grown'
import type { Review } from './review'

/** What a pair of lines, or a single one, is called. */
const LINES: readonly (readonly [name: string, ids: readonly CapacityId[]])[] = [
  ['Resist arching', ['arch']], ['Resist folding', ['fold']], ['Resist side bend', ['sideLeft', 'sideRight']],
  ['Resist turning', ['turnLeft', 'turnRight']],
]
/** A change that is worth a word, as a part: what a band of a quarter cannot hide (ours). */
const WORTH = 0.05

/**
 * What came of it in a few sentences: what grew or fell by more than a twentieth while it was known,
 * and which side was and is behind.
 *
 * @example
 * reviewText({ capacities: { arch: [], fold: [], sideLeft: [], sideRight: [], turnLeft: [], turnRight: [] } }) // => ''
 */
export function reviewText({ capacities }: Pick<Review, 'capacities'>): string {
  return LINES.flatMap(([name, ids]) => {
    const ends = ids.flatMap(id => knownEnds(capacities[id]) ?? [])
    // Of two sides both must be known, or nothing is said.
    if (ends.length < 2 * ids.length) return []
    const then = ends.filter((_, i) => i % 2 === 0).map(point => point.nm)
    const now = ends.filter((_, i) => i % 2 === 1).map(point => point.nm)
    return [...changeText(name, mean(then), mean(now)), ...sidesText(name, then, now)]
  }).join(' ')
}

const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length

function changeText(name: string, then: number, now: number): string[] {
  if (Math.abs(now / then - 1) < WORTH) return []
  return [`${name} ${now > then ? 'grew' : 'fell'} from about ${Math.round(then)} to about ${Math.round(now)} N·m.`]
}

/** Which side was and is behind; nothing of what has one line, or where the sides are alike. */
function sidesText(name: string, then: readonly number[], now: readonly number[]): string[] {
  const leftBehind = ([left, right]: readonly number[]): number | null =>
    (left === undefined || right === undefined ? null : (right - left) / Math.max(left, right))
  const [was, is] = [leftBehind(then), leftBehind(now)]
  if (was === null || is === null || Math.max(Math.abs(was), Math.abs(is)) < WORTH) return []
  const side = (Math.abs(is) >= Math.abs(was) ? is : was) > 0 ? 'left' : 'right'
  const percent = (part: number): number => Math.max(0, Math.round((side === 'left' ? part : -part) * 100))
  return [`${name}: the ${side} was behind by ${percent(was)} % and is by ${percent(is)} %.`]
}
