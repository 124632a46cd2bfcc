/** Least and most of one action in the week, and what a unit below or above costs. */
export interface DoseBand {
  readonly low: number
  readonly high: number
  /** Cost of a unit short; default 1. */
  readonly weight?: number
  /** Cost of a unit too much; default 1. */
  readonly over?: number
}

/** A place in a session's line. What is not limited is left out. */
export interface PlannerSlot {
  readonly id: string
  readonly capS?: number
  readonly items?: number
  /** Most fatigue that may be gathered here, as before a heavy lift. */
  readonly fatigue?: number
  /** Work here runs in the rests of a lift: half of its time counts. */
  readonly paired?: boolean
}

export interface PlannerSession {
  readonly id: string
  /** 0 = Monday … 6 = Sunday. */
  readonly day: number
  readonly capS: number
  /** Most seconds of work, paired or not. */
  readonly workCapS?: number
  readonly items: number
  readonly slots: readonly PlannerSlot[]
  /** What the lifts of the session already give, by action. */
  readonly lifts?: Readonly<Record<string, number>>
}

/** One dose of a variation, all sets together. */
export interface PlannerDose {
  readonly sets: number
  readonly seconds: number
  readonly demand: Readonly<Record<string, number>>
  readonly fatigue: number
  /** What is counted against `limits.cycles`. */
  readonly cycles?: number
  /** Only where the coach has locked it. */
  readonly lockedOnly?: boolean
}

export interface PlannerVariation {
  readonly id: string
  /** Ladder: at most one of a group in a session. */
  readonly group?: string
  readonly doses: readonly PlannerDose[]
  /** Paid for each appearance. */
  readonly spineCost: number
  readonly planes: readonly string[]
  /** Slots it suits; none named: all. */
  readonly slots?: readonly string[]
  /** Cost of an appearance on the second level. */
  readonly cost?: number
  readonly slotCosts?: Readonly<Record<string, number>>
  /** Why it may not be given at all. */
  readonly removed?: { readonly rule: string, readonly text: string }
  /** Places a rule takes away: from every dose, or from the one with so many sets. */
  readonly not?: readonly {
    readonly session: string
    readonly slot: string
    readonly sets?: number
    readonly rule: string
    readonly text: string
  }[]
}

/** An item of a plan: which dose (by its sets) of which variation stands where. */
export interface PlannerItem {
  readonly variation: string
  readonly session: string
  readonly slot: string
  readonly sets: number
}

/**
 * One athlete's week as numbers. Doses are whole units of one's own choosing (seconds under tension weighted by demand,
 * in the product); times are whole seconds. Everything that is at most is hard; everything that is at least is elastic,
 * with its cost.
 */
export interface WeekInstance {
  readonly actions: readonly string[]
  readonly bands: Readonly<Record<string, DoseBand>>
  readonly sessions: readonly PlannerSession[]
  readonly variations: readonly PlannerVariation[]
  readonly limits: {
    /** Times a variation comes in a week. */
    readonly appearances?: number
    readonly distinct?: number
    readonly spineCost?: number
    /** Sum of the cycles of all doses of the week. */
    readonly cycles?: number
    /** A dose of one action in one session above this is high: not within `restHours` of another. */
    readonly highOver?: number
    /** Goes with `highOver`. */
    readonly restHours?: number
    /** Times a group comes in a week. */
    readonly groupPerWeek?: number
  }
  /** Sessions in which each plane is to be met. */
  readonly planes?: Readonly<Record<string, number>>
  /** Actions that resist: together at least as much as the others make. */
  readonly resisting?: readonly string[]
  readonly previous?: readonly string[]
  /** Variations of last week to be kept. */
  readonly keep?: number
  readonly penalties?: { readonly plane?: number, readonly keep?: number, readonly resisting?: number }
  /**
   * Second level: cost of a variation that is not of last week, of high doses of one action less than 72 hours apart,
   * of a minute.
   */
  readonly preference?: { readonly fresh?: number, readonly spacing?: number, readonly minute?: number }
  readonly locks?: {
    readonly keep?: readonly PlannerItem[]
    readonly never?: readonly string[]
    readonly only?: Readonly<Record<string, readonly string[]>>
  }
}

/** What everything costs and allows, with defaults filled in (all of them common practice, no source). */
export const DEFAULTS = {
  weight: 1, over: 1, plane: 30, keep: 10, resisting: 1, fresh: 2, spacing: 1, minute: 0.1, spacingHours: 72,
} as const

/**
 * What the lifts of the week give one action.
 *
 * @example
 * liftDose({ sessions: [{ lifts: { AE: 5 } }, { lifts: { AE: 7 } }] }, 'AE') // => 12
 */
export function liftDose(
  instance: { readonly sessions: readonly Pick<PlannerSession, 'lifts'>[] },
  action: string,
): number {
  return instance.sessions.reduce((sum, s) => sum + (s.lifts?.[action] ?? 0), 0)
}

/**
 * Hours from one session to the other, counted in whole days.
 *
 * @example
 * hoursBetween({ day: 0 }, { day: 2 }) // => 48
 */
export function hoursBetween(a: Pick<PlannerSession, 'day'>, b: Pick<PlannerSession, 'day'>): number {
  return Math.abs(a.day - b.day) * 24
}
