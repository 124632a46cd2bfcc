import { STANDARD_LADDERS } from './ladders'
import type { Branch, Ladder, Variation } from './variation'

/** The drills that can be chosen from: ours, or ours with an organisation's own. */
export interface Catalogue {
  /** In the order of teaching. */
  readonly ladders: readonly Ladder[]
  /** Ladder by ladder and branch by branch from the ground; what stands beside a ladder's rungs follows them. */
  readonly variations: readonly Variation[]
  /** The variation with this id, if the catalogue holds it. */
  readonly find: (id: string) => Variation | undefined
  /** The branch with this id. */
  readonly branch: (id: string) => Branch | undefined
}

/**
 * A catalogue of these ladders.
 *
 * @example
 * catalogueOf(STANDARD.ladders.slice(0, 1)).find('front-plank.elbows') // => undefined
 */
export function catalogueOf(ladders: readonly Ladder[]): Catalogue {
  const variations = ladders.flatMap(ladder => [...ladder.rungs, ...(ladder.beside ?? [])])
  const byId = new Map(variations.map(variation => [variation.id, variation]))
  const branches = new Map(ladders.flatMap(ladder => ladder.branches).map(branch => [branch.id, branch]))
  return { ladders, variations, find: id => byId.get(id), branch: id => branches.get(id) }
}

/** The catalogue as it is shipped. Where an organisation's plans are read, its own catalogue is asked instead. */
export const STANDARD: Catalogue = catalogueOf(STANDARD_LADDERS)
/** All ladders of the standard catalogue. */
export const LADDERS = STANDARD.ladders
/** All variations of the standard catalogue, ladder by ladder, each branch from the ground. */
export const VARIATIONS = STANDARD.variations

/**
 * The variation of the standard catalogue with this id.
 *
 * @example
 * findVariation('front-plank.elbows')?.rung // => 5
 */
export function findVariation(id: string): Variation | undefined {
  return STANDARD.find(id)
}
