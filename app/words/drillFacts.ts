import type { ActionShares, Catalogue } from '~~/core/catalogue'

/** What a drill trains; nothing for one the catalogue no longer holds. */
export function sharesOf(variationId: string, catalogue: Catalogue): ActionShares {
  return catalogue.find(variationId)?.shares ?? {}
}
