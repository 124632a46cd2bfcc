import { catalogueWith, type OwnCatalogue } from './own'

/**
 * The drills an athlete stands on after the organisation's own drills were changed: everybody stays on the drill they
 * stood on; where it is gone, on the highest drill below it that is still there, or on none. New drills move nobody.
 *
 * @example
 * standsAfter(['side-plank.star'], EMPTY_OWN, EMPTY_OWN) // => ['side-plank.star']
 */
export function standsAfter(stands: readonly string[], before: OwnCatalogue, after: OwnCatalogue): string[] {
  const [then, now] = [catalogueWith(before), catalogueWith(after)]
  return stands.flatMap((id) => {
    if (now.find(id)) return [id]
    const gone = then.find(id)
    if (!gone) return [id]
    const below = then.branch(gone.branch)?.rungs.slice(0, gone.rung).reverse() ?? []
    return below.find(v => now.find(v.id))?.id ?? []
  })
}
