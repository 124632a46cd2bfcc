import { DomainError } from '../errors'
import { allHazards } from './hazards'
import type { Branch, Ladder, Variation } from './variation'
import type { Said, Words } from './words/say'

type Placed = 'id' | 'ladder' | 'branch' | 'rung' | 'after'

/** What a rung says of itself: `key` and all that the ladder's rungs do not share. */
export type Rung<Shared extends keyof Variation = never> =
  Omit<Variation, Placed | keyof Said | Shared> & Partial<Pick<Variation, Shared>> & { readonly key: string }

/** A branch as a ladder's head draws it: keys of its rungs in rising order. */
interface BranchMap {
  /** None for the first branch, which bears the ladder's id. */
  readonly key?: string
  readonly name: string
  /** Keys of rungs on the ladder's other branches that open it. */
  readonly after?: readonly string[]
  readonly rungs: readonly string[]
}

/** Who a ladder is, and how it branches; without a map its rungs are one branch in the order they are given. */
interface LadderHead extends Pick<Ladder, 'id' | 'name' | 'aim'> {
  readonly branches?: readonly BranchMap[]
}

/**
 * Builds a ladder from its rungs and what is said about each. `shared` holds what most rungs have in common; a rung
 * that differs states its own value. Hazards that follow from what a drill is are added to those it names.
 *
 * @throws DomainError where the map of branches, the words and the rungs do not name each other exactly once.
 * @example
 * defineLadder({ id: 'x', name: 'X', aim: 'a' }, {}, {}, []).rungs.length // => 0
 */
export function defineLadder<Shared extends Partial<Omit<Variation, Placed>>>(
  { branches: map, ...head }: LadderHead,
  words: Words,
  shared: Shared,
  rungs: readonly Rung<keyof Shared & keyof Variation>[],
): Ladder {
  const given = new Map(rungs.map(rung => [rung.key, rung]))
  const maps = map ?? [{ name: head.name, rungs: rungs.map(rung => rung.key) }]
  const named = maps.flatMap(branch => branch.rungs)
  const odd = [...given.keys()].find(key => named.filter(other => other === key).length !== 1)
    ?? named.find(key => !given.has(key))
  if (odd) throw new DomainError('branches', `${head.id}.${odd} belongs on exactly one branch.`)
  const wordless = [...given.keys()].find(key => !Object.hasOwn(words, key))
    ?? Object.keys(words).find(key => !given.has(key))
  if (wordless) throw new DomainError('words', `${head.id}.${wordless} has no words, or they have no drill.`)
  const branches = maps.map(({ key, name, after = [], rungs: keys }): Branch => {
    const id = key === undefined ? head.id : `${head.id}:${key}`
    const opens = after.map(first => `${head.id}.${first}`)
    return {
      id, name, after: opens,
      rungs: keys.map((rungKey, index) => {
        const { key: _, ...own } = given.get(rungKey) as Rung & { key: string }
        const drill = {
          ...shared, ...words[rungKey], ...own,
          id: `${head.id}.${rungKey}`, ladder: head.id, branch: id, rung: index + 1,
          after: index === 0 ? opens : [`${head.id}.${keys[index - 1]}`],
        } as unknown as Variation
        return { ...drill, hazards: allHazards(drill) }
      }),
    }
  })
  return { ...head, branches, rungs: branches.flatMap(branch => branch.rungs) }
}
