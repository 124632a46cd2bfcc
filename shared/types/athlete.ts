import type { Equipment, TrunkAction } from '~~/core/catalogue'
import type { Side } from '~~/core/dose'
import type { LiftId, SportProfileId } from '~~/core/programme'
import type { Clearance, HealthMark } from '~~/core/screening'

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
  /** Present rung by ladder id; a ladder not named stands on rung 1. */
  readonly rungs: Readonly<Record<string, number>>
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
  /** Day of the last screening; null when never, or not for this reader. */
  readonly screenedOn: string | null
  /** E-mail of the athlete's own sign-in, if there is one, and whether it was taken up. */
  readonly accountEmail: string | null
  readonly accountState: 'none' | 'invited' | 'active'
  /** Who changed it last. */
  readonly changedBy: string | null
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
  readonly nextCompetition: Competition | null
  readonly thisWeek: 'none' | 'draft' | 'assigned'
  /** Sets done of sets planned over the last 28 days, 0-1; null when nothing was planned. */
  readonly adherence: number | null
  readonly lastLogDay: string | null
  readonly painInLastDays: boolean
  /** Day of the last brace check; null when there was none. */
  readonly lastBraceDay: string | null
  /** Brace homework is set and nothing was practised for days. */
  readonly homeworkLies: boolean
}
