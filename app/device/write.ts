/** A write on its way: kept on the device until the server says that it is stored. */
export interface Write {
  readonly id: string
  /** Writes of one key replace each other while they wait. */
  readonly key: string
  /** What it is, for a person: "Week of Ilse Tarn". */
  readonly label: string
  readonly method: 'POST' | 'PUT' | 'DELETE'
  readonly path: string
  readonly body?: unknown
  /** Why it could not be stored, when nobody was there to be told. */
  readonly problem?: string
  /** The device has no room for it: it lives as long as this tab. */
  readonly inTabOnly?: true
}

export type Line = 'open' | 'noConnection' | 'signedOut'
