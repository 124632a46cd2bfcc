/** What stands in the gym, as a whole with one version. */
export interface Facility {
  readonly version: number
  readonly counts: Readonly<Record<string, number>>
  /** Kilograms of each implement, newtons of bands and cables, lightest first; what is not named is as usual. */
  readonly weights: Readonly<Record<string, readonly number[]>>
}
