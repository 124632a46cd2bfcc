import { catalogueOf, STANDARD, type Catalogue } from './catalogue'
import { allHazards } from './hazards'
import type { Ladder, Variation } from './variation'

/** A drill of the organisation's own as it is stored: where it stands follows from its ladder. */
export type OwnVariation = Omit<Variation, 'branch' | 'after'>
/** A ladder of the organisation's own: one branch, of whatever drills name it. */
export type OwnLadder = Pick<Ladder, 'id' | 'name' | 'aim'>

/** What an organisation adds to the standard catalogue. */
export interface OwnCatalogue {
  readonly ladders: readonly OwnLadder[]
  /** On its own ladders each with a rung to itself; on ours level with the drill it stands beside. */
  readonly variations: readonly OwnVariation[]
}

/** One thing that is wrong with an entry, at its field. */
export interface CatalogueProblem {
  /** Id of the ladder or variation. */
  readonly id: string
  readonly field: string
  readonly text: string
}

export const EMPTY_OWN: OwnCatalogue = { ladders: [], variations: [] }

/**
 * Whether a drill is the organisation's own.
 *
 * @example
 * isOwn(findVariation('front-plank.elbows')) // => false
 */
export function isOwn({ id }: Pick<Variation, 'id'>): boolean {
  return id.includes('.own-')
}

/**
 * The drill of a standard ladder that one of the organisation's own stands level with; where it only bears a number,
 * the rung of that number, branch after branch.
 *
 * @example
 * besideOf({ ladder: 'side-plank', rung: 2 })?.id // => 'side-plank.feet'
 */
export function besideOf({ ladder, rung, beside }: Pick<OwnVariation, 'ladder' | 'rung' | 'beside'>):
Variation | undefined {
  const rungs = STANDARD.ladders.find(l => l.id === ladder)?.rungs ?? []
  return beside === undefined ? rungs[rung - 1] : rungs.find(v => v.id === beside)
}

/**
 * The standard catalogue with an organisation's own entries. Hazards that follow from what a drill is are always there;
 * a ladder with no rung yet is left out.
 *
 * @example
 * catalogueWith(EMPTY_OWN).variations.length === VARIATIONS.length // => true
 */
export function catalogueWith(own: OwnCatalogue): Catalogue {
  if (own.variations.length === 0) return STANDARD
  const on = (ladder: string): OwnVariation[] =>
    own.variations.filter(v => v.ladder === ladder).map(v => ({ ...v, hazards: allHazards(v) }))
  return catalogueOf([
    ...STANDARD.ladders.map((ladder): Ladder => {
      const beside = on(ladder.id).flatMap((drill): Variation[] => {
        const level = besideOf(drill)
        return level ? [{ ...drill, beside: level.id, branch: level.branch, rung: level.rung, after: level.after }] : []
      })
      return beside.length > 0 ? { ...ladder, beside } : ladder
    }),
    ...own.ladders.flatMap((ladder): Ladder[] => {
      const rungs = inOrder(on(ladder.id), ladder.id)
      const branch = { id: ladder.id, name: ladder.name, after: [], rungs }
      return rungs.length > 0 ? [{ ...ladder, branches: [branch], rungs }] : []
    }),
  ])
}

function inOrder(drills: readonly OwnVariation[], branch: string): Variation[] {
  const sorted = [...drills].sort((a, b) => a.rung - b.rung)
  return sorted.map((drill, i) => ({ ...drill, branch, after: sorted.slice(Math.max(0, i - 1), i).map(v => v.id) }))
}
