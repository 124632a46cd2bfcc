import type { Catalogue } from './catalogue'
import type { Variation } from './variation'

/** What stands around a rung: the one before, the one after, and what other ladders ask first. */
export interface Neighbours {
  /** Null on the ground. */
  readonly easier: Variation | null
  /** Null on the top rung. */
  readonly harder: Variation | null
  readonly first: readonly Variation[]
}

/**
 * The neighbours of a variation on its ladder. What stands beside a rung has that rung's neighbours.
 *
 * @example
 * neighboursOf(findVariation('front-plank.elbows'), STANDARD).easier.id // => 'front-plank.hands'
 */
export function neighboursOf(variation: Variation, catalogue: Catalogue): Neighbours {
  const rungs = catalogue.ladders.find(ladder => ladder.id === variation.ladder)?.rungs ?? []
  return {
    easier: rungs[variation.rung - 2] ?? null,
    harder: rungs[variation.rung] ?? null,
    first: (variation.prerequisites ?? []).flatMap(id => catalogue.find(id) ?? []),
  }
}
