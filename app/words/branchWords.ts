import type { Branch, Catalogue, Ladder } from '~~/core/catalogue'

/** A branch with its ladder, as lists show them. */
export interface BranchLine { readonly ladder: Ladder, readonly branch: Branch }

/** All branches, ladder by ladder. */
export const branchesOf = (catalogue: Catalogue): BranchLine[] =>
  catalogue.ladders.flatMap(ladder => ladder.branches.map(branch => ({ ladder, branch })))

/** "Rotation: chops and lifts", "Brace steps". */
export function branchName({ ladder, branch }: BranchLine): string {
  return ladder.branches.length === 1 ? ladder.name : `${ladder.name}: ${branch.name.toLowerCase()}`
}

/** "Opens after band turn, half kneeling": what comes before a branch; empty where nothing does. */
export function opensAfter({ after }: Branch, catalogue: Catalogue): string {
  const names = after.map(id => catalogue.find(id)?.name.toLowerCase() ?? id)
  return names.length > 0 ? `Opens after ${names.join(' and ')}.` : ''
}
