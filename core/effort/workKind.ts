import { kindOf, type Variation } from '../catalogue'

export type WorkKind = 'work' | 'fast'

/** What a drill may stand in a week as, besides activation. */
export const workKind = (variation: Variation): WorkKind | null => {
  const kind = kindOf(variation)
  return kind === 'work' || kind === 'fast' ? kind : null
}
