import type {
  CalendarEntry, ChangedDay, EntryKind, ShutPhase, RepairedPlan, RepairOptions, SeasonExceptions, SeasonPlan,
  SeasonShape, SeasonWeek, StandingSeason,
} from '~~/core/season'
import type { Competition, Group } from './athlete'

/** What a coach types about one thing in the calendar. */
export interface EntryInput extends CalendarEntry {
  /** Null: the whole centre. */
  readonly groupId: string | null
  /** `HH:MM` by the clock of its place; null: all day. */
  readonly startsAt: string | null
  readonly minutes: number | null
  /** IANA name of the zone its clock keeps. */
  readonly timeZone: string
  /** Its name in the file or feed it came from. */
  readonly sourceUid: string | null
}

export interface StoredEntry extends EntryInput {
  /** Rises with every change, as calendars ask. */
  readonly sequence: number
  readonly cancelled: boolean
  readonly changedAt: string
}

/** A group's season. Version 0: there is none yet. */
export interface StoredSeason extends StandingSeason {
  readonly groupId: string
  readonly version: number
  /** Days that stay as they are. */
  readonly pins: readonly number[]
  /** Times each day was changed since the season was planned first. */
  readonly revisions: Readonly<Record<number, number>>
  readonly changedAt: string
}

/** What one athlete does otherwise, and the plan that follows. */
export interface AthleteSeason {
  readonly athleteId: string
  readonly groupId: string
  readonly version: number
  readonly exceptions: SeasonExceptions
  readonly plan: RepairedPlan
}

/** A phase that an athlete is not ready for. */
export interface AthleteShutPhase extends ShutPhase {
  readonly athleteId: string
  readonly athleteName: string
  readonly groupId: string
}

/** Something that was changed, for those it is about. */
export interface SeasonNotice {
  readonly id: string
  readonly groupId: string
  readonly athleteId: string | null
  readonly at: string
  readonly by: string | null
  readonly title: string
  readonly days: readonly {
    readonly day: string
    readonly from: SeasonPlan['days'][number]
    readonly to: SeasonPlan['days'][number]
    readonly reason: string
  }[]
}

/** Everything about the seasons in sight. */
export interface SeasonsAnswer {
  readonly groups: readonly Group[]
  readonly seasons: readonly StoredSeason[]
  readonly entries: readonly StoredEntry[]
  readonly athletes: readonly AthleteSeason[]
  readonly shut: readonly AthleteShutPhase[]
  readonly timeZone: string
  /** The day it is there: a page that stays open over midnight reckons by it. */
  readonly today: string
}

/** A change of a season: its shape, its calendar, and how the plan is to follow. */
export interface SeasonChange {
  readonly version: number
  /** What the change is called to those it is about. */
  readonly title: string
  readonly shape: SeasonShape
  readonly put: readonly EntryInput[]
  /** Entries that are called off. */
  readonly cancel: readonly string[]
  readonly pins: readonly number[]
  readonly prefer: NonNullable<RepairOptions['prefer']> | null
  /** The plan that was looked at, as `planMark` writes it: another one is not stored. */
  readonly expect: string | null
  /** Whether weeks that are already planned follow: planned anew but for what is kept, and assigned again. */
  readonly replan: boolean
}

export interface AthleteSeasonChange {
  readonly version: number
  readonly groupId: string
  readonly title: string
  readonly exceptions: SeasonExceptions
  readonly prefer: NonNullable<RepairOptions['prefer']> | null
  readonly replan: boolean
}

/** What became of a change. */
export interface SeasonChanged {
  readonly seasons: SeasonsAnswer
  readonly changed: readonly ChangedDay[]
  /** The run that plans the weeks anew; null where none is touched. */
  readonly runId: string | null
}

/** One athlete's season, as the athlete reads it. */
export interface MySeason {
  readonly athleteId: string
  readonly athleteName: string
  readonly season: StoredSeason | null
  readonly own: AthleteSeason | null
  readonly entries: readonly StoredEntry[]
}

/** A squad's day, as its coach reads it. */
export interface SquadDay {
  readonly group: Group
  readonly week: SeasonWeek | null
  readonly entries: readonly StoredEntry[]
  readonly nextCompetition: Competition | null
  readonly athletes: readonly {
    readonly id: string
    readonly name: string
    readonly session: boolean
    /** Minutes of the session; 0 where there is none. */
    readonly minutes: number
    readonly drills: number
    readonly logged: number
    readonly weekPlanned: boolean
    readonly stopped: boolean
  }[]
  readonly notices: readonly SeasonNotice[]
}

export interface CoachDay {
  readonly day: string
  readonly squads: readonly SquadDay[]
  /** There are more squads in sight than are answered at once. */
  readonly more: boolean
}

/** A calendar file or address to be read. */
export interface CalendarSource {
  readonly groupId: string
  /** What an entry is where the source does not say. */
  readonly kind: EntryKind
  readonly text: string | null
  readonly url: string | null
}

/** What was found in a calendar, against what is there. */
export interface FoundEntry {
  readonly state: 'new' | 'changed' | 'same' | 'gone'
  readonly entry: EntryInput
  readonly before: StoredEntry | null
}

export interface CalendarFound {
  readonly found: readonly FoundEntry[]
  /** What could not be read, in sentences. */
  readonly problems: readonly string[]
}

export const FEED_SCOPES = ['athlete', 'group', 'coach'] as const
export interface CalendarFeed {
  readonly id: string
  readonly scope: (typeof FEED_SCOPES)[number]
  readonly subjectId: string | null
  readonly name: string
  readonly createdAt: string
  readonly revoked: boolean
  readonly readAt: string | null
}

export interface FeedInput {
  readonly id: string
  readonly scope: CalendarFeed['scope']
  readonly subjectId: string | null
}

/** A new address: shown this once. */
export interface NewFeed {
  readonly feeds: readonly CalendarFeed[]
  readonly url: string
}
