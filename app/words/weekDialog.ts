import type { TrunkAction } from '~~/core/catalogue'
import type { PlannedLift, PlannedSession } from '~~/core/programme'

/** What the week sheet may ask or show over itself. */
export type WeekDialog =
  | { readonly kind: 'lift', readonly session: PlannedSession, readonly lift: PlannedLift, readonly isNew: boolean }
  | { readonly kind: 'drill' | 'extras', readonly session: PlannedSession }
  | { readonly kind: 'session', readonly session: PlannedSession | null }
  | { readonly kind: 'target', readonly action: TrunkAction }
  /** Null: every drill of the week. */
  | { readonly kind: 'apply', readonly itemIds: readonly string[] | null }
  | { readonly kind: 'keys' | 'review' | 'paste' | 'compare' }
