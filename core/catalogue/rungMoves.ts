import type { OwnCatalogue } from './own'

/**
 * Where the old rung 1, 2, 3 … of each ladder of an organisation's own stands after a change: everybody stays on the
 * drill they stood on; where it is gone, on the highest drill below it that is still there. Ladders that nothing moved
 * on are left out.
 *
 * @example
 * rungMoves(EMPTY_OWN, EMPTY_OWN) // => {}
 */
export function rungMoves(before: OwnCatalogue, after: OwnCatalogue): Record<string, number[]> {
  const now = new Map(after.variations.map(v => [v.id, v.rung]))
  const moves: Record<string, number[]> = {}
  for (const { id } of before.ladders) {
    const rungs = before.variations.filter(v => v.ladder === id).sort((a, b) => a.rung - b.rung)
    let below = 1
    const to = rungs.map((rung) => {
      below = now.get(rung.id) ?? below
      return below
    })
    if (to.some((rung, i) => rung !== i + 1)) moves[id] = to
  }
  return moves
}
