/** What kind of trunk work a day holds, from none to the most. */
export const DAY_KINDS = ['off', 'activation', 'low', 'moderate', 'high'] as const
export type SeasonDayKind = (typeof DAY_KINDS)[number]

export interface SeasonCompetition {
  /** Days from the season's first Monday. */
  readonly day: number
  readonly importance: 'A' | 'B' | 'C'
}

/** A phase in its order, with the lengths it may have and what it asks for. */
export interface SeasonPhase {
  readonly id: string
  /** Weeks. */
  readonly least: number
  readonly most: number
  /** Week it is wanted to begin in; null: wherever it falls. */
  readonly start: number | null
  /** Units a week, as `volumes` counts them. */
  readonly volume: number
  /** First week it is open in: what has to be there is not, until then. */
  readonly notBefore?: number
}

/**
 * A season as numbers; days are counted from its first Monday. What may not be is told with its cost, so a plan always
 * comes back.
 */
export interface SeasonInstance {
  readonly weeks: number
  readonly phases: readonly SeasonPhase[]
  readonly competitions: readonly SeasonCompetition[]
  /** Matches of the team: nothing is trained. */
  readonly matches?: readonly number[]
  /** Team practice: at most moderate. */
  readonly practices?: readonly number[]
  /** The room is closed or the athlete is away. */
  readonly closed?: readonly number[]
  /** Days on the way to or from a competition: activation at most. */
  readonly travel?: readonly number[]
  /** Days on which school asks its share, such as exams: at most moderate. */
  readonly school?: readonly number[]
  /** Weekdays on which there is time (0 Monday); all where not given. */
  readonly weekdays?: readonly number[]
  /**
   * Weekdays of the hard lifts: hard trunk work shares the hard day (common practice, no source); none where not given.
   */
  readonly hardDays?: readonly number[]
  /** Units of each day kind. */
  readonly volumes?: Readonly<Record<SeasonDayKind, number>>
  /** A lighter week at least this often; 0: none is planned. */
  readonly deloadEvery?: number
  /** Taper, deload and volume count; false: only the rules about days. */
  readonly volumeRules?: boolean
  /** Kinds that are settled by day: pinned or past. */
  readonly fixed?: Readonly<Record<number, SeasonDayKind>>
}

/** Units of the kinds: our own scale, common practice, no source. */
export const KIND_VOLUMES: Readonly<Record<SeasonDayKind, number>> = {
  off: 0, activation: 1, low: 2, moderate: 4, high: 6,
}
/** Share of the usual volume in a lighter week (common practice, no source). */
export const DELOAD_SHARE = 0.6

/** What a plan pays for (ours). A broken day rule costs so much that only a settled day can break one. */
export const SEASON_COSTS = {
  dayRule: 100_000, taper: 1000, phaseLength: 400, change: 100, phaseMoved: 30, deloadFlipped: 20, phaseShift: 5,
  notOpen: 500, highElsewhere: 1, noUnload: 12, deload: 4, under: 2, over: 3,
} as const

/** A season planned: kinds of all days, the phase and the load of each week. */
export interface SeasonPlan {
  readonly days: readonly SeasonDayKind[]
  /** Index of the phase, by week. */
  readonly phases: readonly number[]
  readonly loads: readonly ('usual' | 'deload' | 'taper')[]
}
