import { findVariation, type ActionShares } from '~~/core/catalogue'

/** What a drill trains; nothing for one the catalogue no longer holds. */
export function sharesOf(variationId: string): ActionShares {
  return findVariation(variationId)?.shares ?? {}
}
