import type { CapacityId } from '../capacity'
import type { Review } from './review'

/** What a pair of lines, or a single one, is called. */
const LINES: readonly (readonly [name: string, ids: readonly CapacityId[]])[] = [
  ['Resist arching', ['arch']], ['Resist folding', ['fold']], ['Resist side bend', ['sideLeft', 'sideRight']],
  ['Resist turning', ['turnLeft', 'turnRight']],
]
/** A change that is worth a word, as a part: what a band of a quarter cannot hide (ours). */
const WORTH = 0.05

/**
 * What came of it in a few sentences: what grew or fell by more than a twentieth, and which side was and is behind.
 *
 * @example
 * reviewText({ capacities: { arch: [], fold: [], sideLeft: [], sideRight: [], turnLeft: [], turnRight: [] } }) // => ''
 */
export function reviewText({ capacities }: Pick<Review, 'capacities'>): string {
  const at = (ids: readonly CapacityId[], week: number): number =>
    ids.reduce((sum, id) => sum + (capacities[id].at(week)?.nm ?? 0), 0) / ids.length
  const behind = ([left, right]: readonly CapacityId[], week: number): number | null => {
    if (!left || !right) return null
    const [l, r] = [at([left], week), at([right], week)]
    return l + r > 0 ? (r - l) / Math.max(l, r) : null
  }
  const changes = LINES.flatMap(([name, ids]) => {
    const [then, now] = [at(ids, 0), at(ids, -1)]
    if (then === 0 || Math.abs(now / then - 1) < WORTH) return []
    return [`${name} ${now > then ? 'grew' : 'fell'} from about ${Math.round(then)} to about ${Math.round(now)} N·m.`]
  })
  const sides = LINES.flatMap(([name, ids]) => {
    const [then, now] = [behind(ids, 0), behind(ids, -1)]
    if (now === null || then === null || Math.max(Math.abs(now), Math.abs(then)) < WORTH) return []
    const side = (Math.abs(now) >= Math.abs(then) ? now : then) > 0 ? 'left' : 'right'
    const percent = (part: number): number => Math.max(0, Math.round((side === 'left' ? part : -part) * 100))
    return [`${name}: the ${side} was behind by ${percent(then)} % and is by ${percent(now)} %.`]
  })
  return [...changes, ...sides].join(' ')
}
