/** A block with its start, and who helps where it needs somebody. */
export interface Placed {
  readonly block: string
  readonly start: number
  readonly helper: string | null
}

/** Why no timetable can be shorter. */
export interface Bound {
  readonly end: number
  /** Who or what needs that long; null in an empty room. */
  readonly because: { readonly kind: 'athlete' | 'place' | 'apart' | 'coach' | 'helpers', readonly id: string } | null
}

/** Who does what when. */
export interface Timetable {
  /** By start. */
  readonly placed: readonly Placed[]
  /** Tick at which the last block is over. */
  readonly end: number
  readonly bound: Bound
  /** True: nothing shorter exists. */
  readonly proven: boolean
  /** Blocks that have no room at all: their place is closed, or nobody is there to help. */
  readonly left: readonly string[]
  /** Who would have to leave before they are through, by so many ticks. */
  readonly over: readonly { readonly athlete: string, readonly ticks: number }[]
}
