import type { OwnCatalogue } from '~~/core/catalogue'

/** An organisation's own entries with the version they were read at; 0 when none was ever stored. */
export interface StoredCatalogue {
  readonly version: number
  readonly own: OwnCatalogue
}
