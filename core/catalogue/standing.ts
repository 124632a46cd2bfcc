import type { Catalogue } from './catalogue'
import type { Ladder, Variation } from './variation'

/** Present rung on each branch by branch id; 1, the ground, where none is there. */
export type Rungs = Readonly<Record<string, number>>

/**
 * Where an athlete stands on every branch, from the drills they stand on: at most one a branch counts, the highest.
 * Whoever stands on a branch has reached what opens it. Drills that the catalogue does not hold say nothing.
 *
 * @param stands ids of variations
 * @example
 * rungsOf(['side-plank.star'], STANDARD) // => { 'side-plank': 3 }
 */
export function rungsOf(stands: readonly string[], catalogue: Catalogue): Record<string, number> {
  const rungs: Record<string, number> = {}
  const reach = (drill: Variation): void => {
    if ((rungs[drill.branch] ?? 0) >= drill.rung) return
    rungs[drill.branch] = drill.rung
    for (const id of catalogue.branch(drill.branch)?.after ?? []) {
      const opener = catalogue.find(id)
      if (opener) reach(opener)
    }
  }
  for (const id of stands) {
    const drill = catalogue.find(id)
    if (drill) reach(drill)
  }
  return rungs
}

/**
 * The drills an athlete stands on once they were put on another: it takes the place of the one on its branch.
 *
 * @example
 * standOn(['side-plank.star', 'rollout.barbell'], 'side-plank.feet', STANDARD) // => ['rollout.barbell', 'side-plank.feet']
 */
export function standOn(stands: readonly string[], id: string, catalogue: Catalogue): string[] {
  const branch = catalogue.find(id)?.branch
  return [...stands.filter(other => catalogue.find(other)?.branch !== branch), id]
}

/**
 * The drills one stands on with these rungs; the ground says nothing.
 *
 * @example
 * standsAt({ 'side-plank': 3 }, STANDARD) // => ['side-plank.star']
 */
export function standsAt(rungs: Rungs, catalogue: Catalogue): string[] {
  return Object.entries(rungs).flatMap(([branch, rung]) => catalogue.branch(branch)?.rungs[rung - 1]?.id ?? [])
}

/**
 * The drills one stands on who has everything of a ladder up to its n-th rung, branch after branch.
 *
 * @example
 * standsUpTo(STANDARD.ladders[7], 2) // => ['side-plank.feet']
 */
export function standsUpTo(ladder: Ladder, n: number): string[] {
  const reached = ladder.rungs.slice(0, n)
  return ladder.branches.flatMap(({ id }) => reached.filter(v => v.branch === id).at(-1)?.id ?? [])
}

/**
 * Whether a drill stands above another: farther along its branch, or on a branch that the other leads to.
 *
 * @example
 * isAbove(findVariation('side-plank.star'), findVariation('side-plank.feet'), STANDARD) // => true
 */
export function isAbove(drill: Variation, other: Variation, catalogue: Catalogue): boolean {
  if (drill.ladder !== other.ladder) return false
  if (drill.branch === other.branch) return drill.rung > other.rung
  return (catalogue.branch(drill.branch)?.after ?? []).some((id) => {
    const opener = catalogue.find(id)
    return opener !== undefined
      && ((opener.branch === other.branch && opener.rung === other.rung) || isAbove(opener, other, catalogue))
  })
}
