/** What stands in the gym, as a whole with one version. */
export interface Facility {
  readonly version: number
  readonly counts: Readonly<Record<string, number>>
}
