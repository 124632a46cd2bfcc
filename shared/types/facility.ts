/** What stands in the gym, as a whole with one version. */
export interface Facility {
  readonly version: number
  readonly counts: Readonly<Record<string, number>>
  /** Kilograms of each implement, newtons of bands and cables, lightest first; what is not named is as usual. */
  readonly weights: Readonly<Record<string, readonly number[]>>
}

/** A room that squads share over a day. */
export interface GymRoom {
  readonly id: string
  readonly name: string
  /** People who have room at once. */
  readonly people: number
  /** When it is open, "HH:MM". */
  readonly from: string
  readonly to: string
}

/** The rooms there are, as a whole with one version. */
export interface GymRooms {
  readonly version: number
  readonly rooms: readonly GymRoom[]
}
