import { POSITIONS, type Position } from './positionList'
import type { SportProfileId } from './sportProfiles'

const words = (text: string): string => ` ${text.toLowerCase().replace(/[^\p{L}-]+/gu, ' ').trim()} `

/**
 * The known position of a sport that an entry names among its words, whatever its case; null when none does.
 *
 * @example
 * positionOf('fieldCourt', 'libero, second year')?.name // => 'Libero'
 */
export function positionOf(sport: SportProfileId, entry: string): Position | null {
  const asked = words(entry)
  return POSITIONS[sport].find(({ name }) => asked.includes(words(name))) ?? null
}
