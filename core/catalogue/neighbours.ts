import type { Catalogue } from './catalogue'
import type { Variation } from './variation'

/** What stands around a rung: those before and after, the branches it opens, and what other ladders ask first. */
export interface Neighbours {
  /** Null on the ground. */
  readonly easier: Variation | null
  /** Null on the top rung of a branch. */
  readonly harder: Variation | null
  /** Ground rungs of the branches that it opens. */
  readonly opens: readonly Variation[]
  readonly first: readonly Variation[]
}

/**
 * The neighbours of a variation on its ladder. What stands beside a rung has that rung's neighbours.
 *
 * @example
 * neighboursOf(findVariation('front-plank.elbows'), STANDARD).easier.id // => 'front-plank.hands'
 */
export function neighboursOf(variation: Variation, catalogue: Catalogue): Neighbours {
  const rungs = catalogue.branch(variation.branch)?.rungs ?? []
  const level = rungs[variation.rung - 1]
  const others = catalogue.ladders.find(ladder => ladder.id === variation.ladder)?.branches ?? []
  return {
    easier: rungs[variation.rung - 2] ?? catalogue.find(variation.after[0] ?? '') ?? null,
    harder: rungs[variation.rung] ?? null,
    opens: others.flatMap(branch => (level && branch.after.includes(level.id) ? branch.rungs.slice(0, 1) : [])),
    first: (variation.prerequisites ?? []).flatMap(id => catalogue.find(id) ?? []),
  }
}
