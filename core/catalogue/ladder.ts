import { allHazards } from './hazards'
import type { Ladder, Variation } from './variation'

type Placed = 'id' | 'ladder' | 'rung'

/** What a rung says of itself: `key` and all that the ladder's rungs do not share. */
export type Rung<Shared extends keyof Variation = never> =
  Omit<Variation, Placed | Shared> & Partial<Pick<Variation, Shared>> & { readonly key: string }

/**
 * Builds a ladder from rungs in rising order. `shared` holds what most rungs have in common;
 * a rung that differs states its own value. Hazards that follow from what a drill is are added to those it names.
 *
 * @example
 * defineLadder({ id: 'x', name: 'X', aim: 'a' }, {}, []).rungs.length // => 0
 */
export function defineLadder<Shared extends Partial<Omit<Variation, Placed>>>(
  head: Omit<Ladder, 'rungs'>,
  shared: Shared,
  rungs: readonly Rung<keyof Shared & keyof Variation>[],
): Ladder {
  return {
    ...head,
    rungs: rungs.map(({ key, ...own }, index) => {
      const drill = {
        ...shared, ...own, id: `${head.id}.${key}`, ladder: head.id, rung: index + 1,
      } as unknown as Variation
      return { ...drill, hazards: allHazards(drill) }
    }),
  }
}
