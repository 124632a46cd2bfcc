import type { Equipment, TrunkAction } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { LiftId, SportProfileId } from '~~/core/programme'
import type { Clearance, ClearingRole, DrillPain, HealthMark, PainVerdict, Raised } from '~~/core/screening'

export interface Availability {
  readonly day: number
  readonly minutes: number
}

/** What a coach enters about an athlete. */
export interface AthleteInput {
  readonly name: string
  readonly goal: string
  /** A drill or lift the goal can be worked back from. */
  readonly goalVariationId: string | null
  readonly goalLift: LiftId | null
  readonly sport: SportProfileId
  readonly position: string
  readonly sex: 'female' | 'male'
  readonly heightCm: number
  readonly massKg: number
  readonly birthYear: number
  readonly trainingAgeYears: number
  readonly equipment: readonly Equipment[]
  readonly available: readonly Availability[]
  /** Flags by name; to an assistant only what they take away. */
  readonly flags: readonly HealthMark[]
  readonly braceStep: number
  /** Drills they stand on, at most one on each branch of a ladder; a branch not named stands on its ground. */
  readonly stands: readonly string[]
  readonly weakLink: TrunkAction | null
  readonly weakSide: Side | null
  readonly groupIds: readonly string[]
}

export interface Athlete extends AthleteInput {
  readonly id: string
  readonly version: number
  readonly archived: boolean
  /** Clinicians' words on the flags; none for an assistant. */
  readonly clearances: readonly Clearance[]
  /** What else of health training hangs on. */
  readonly health: AthleteHealth
  /** Day of the last screening; null when never, or not for this reader. */
  readonly screenedOn: string | null
  /** E-mail of the athlete's own sign-in, if there is one, and whether it was taken up. */
  readonly accountEmail: string | null
  readonly accountState: 'none' | 'invited' | 'active'
  /** Who changed it last. */
  readonly changedBy: string | null
}

/** What is to be known before a week is assigned and is not. */
export type NotKnown = 'unscreened' | 'braceUnchecked'

/** A coach assigns all the same, and says why. */
export interface Overruled {
  readonly what: NotKnown
  readonly reason: string
  readonly by: string
  readonly day: string
}

/** What of health training hangs on, besides the flags themselves. */
export interface AthleteHealth {
  /** Rises with every change of answers, flags and clearances. */
  readonly version: number
  readonly raised: Raised
  /** Drills that hurt and are not settled; without the place for whoever may not know it. */
  readonly pain: readonly DrillPain[]
  /** Day of the last brace check; null when there was none. */
  readonly braceCheckedOn: string | null
  readonly overruled: readonly Overruled[]
  /** For whoever may not know what health takes away: the drills that are left. */
  readonly left: readonly string[] | null
}

/** An athlete of whom nothing is known yet. */
export const NO_HEALTH: AthleteHealth = {
  version: 1, raised: {}, pain: [], braceCheckedOn: null, overruled: [], left: null,
}

/**
 * What a coach decides of a drill that hurt. A drill that is locked goes on only when somebody qualified has looked.
 */
export interface PainInput {
  readonly id: string
  readonly variationId: string
  readonly verdict: PainVerdict
  readonly reason: string
  /** Who has looked at it, in what role; empty and null where nobody has. */
  readonly lookedAtBy: string
  readonly role: ClearingRole | null
}

export type AlertKind = 'stop' | 'limits' | 'pain' | 'painTwice' | 'cleared'

/** Something about health that coaches were told. It names no flag. */
export interface HealthAlert {
  readonly id: string
  readonly athleteId: string
  readonly athleteName: string
  readonly kind: AlertKind
  readonly at: string
  readonly by: string | null
  readonly variationId: string | null
  /** Unlogged drills of present and coming sessions that it stopped. */
  readonly stops: number
  /** Names of the coaches who were told. */
  readonly told: readonly string[]
  readonly settled: boolean
}

export interface Group {
  readonly id: string
  readonly name: string
}

export interface Competition {
  readonly id: string
  readonly groupId: string
  readonly name: string
  readonly day: string
  readonly importance: 'A' | 'B' | 'C'
}

/** One line of the roster: the athlete and what there is to know at a glance. */
export interface RosterRow {
  readonly athlete: Athlete
  /** What stands of the flags today. */
  readonly marks: readonly HealthMark[]
  readonly nextCompetition: Competition | null
  readonly thisWeek: 'none' | 'draft' | 'assigned'
  /** Sets done of sets planned over the last 28 days, 0-1; null when nothing was planned. */
  readonly adherence: number | null
  readonly lastLogDay: string | null
  readonly painInLastDays: boolean
  /** Whether the screening was ever answered; true for whoever may not know. */
  readonly screened: boolean
  /** Brace homework is set and nothing was practised for days. */
  readonly homeworkLies: boolean
}

/** What a roster can be put in order by. */
export const ROSTER_SORTS = ['name', 'sport', 'braceStep', 'weakLink', 'competition', 'week', 'done'] as const
export type RosterSort = typeof ROSTER_SORTS[number]

/** Which part of the roster is asked for. */
export interface RosterQuery {
  /** Words that must all occur: in name, sport, position, goal, group, flag or next competition. */
  readonly find?: string
  readonly group?: string
  /** Only who is in the archive, or only who is not; both when it is not said. */
  readonly archived?: boolean
  readonly sort?: RosterSort
  readonly down?: boolean
  /** Where the page before ended. */
  readonly after?: string
  readonly most?: number
}

/** A part of the roster. */
export interface RosterPage {
  readonly rows: readonly RosterRow[]
  /** How many there are in all of what was asked for. */
  readonly total: number
  /** Where the next page begins; null on the last one. */
  readonly next: string | null
}
