import type { ActionShares, BreathPattern, Fault, SettingValues } from '~~/core/catalogue'
import type { Dose, Side, Sides } from '~~/core/dose'
import type {
  Circuit, PlannedLift, PlanningContext, PlanProof, PrescribedWork, Slot, SportEdits, WeekPlan,
} from '~~/core/programme'
import type { BodyPlace, BreakPoint, DoneLast } from '~~/core/assessment'
import type { KnownTrunk } from '~~/core/capacity'
import type { DrillFigures } from '~~/core/mechanics'
import type { GuidedLine } from '~~/core/timer'
import type { RulesLayer } from '~~/core/policy'
import type { FacilityWeights, Progress } from '~~/core/prescription'
import type { SessionEffort } from '~~/core/review'
import type { SeasonWeek } from '~~/core/season'
import type { Athlete, Competition } from './athlete'
import type { SeasonNotice, StoredEntry } from './season'

/** What was settled for an athlete, and what last week's sets said. */
export interface Settled {
  readonly layers: readonly RulesLayer[]
  /** What last week's sets said of each drill that was done. */
  readonly progress: Readonly<Record<string, Progress>>
  /** What coaches decided of drills, before whatever sets say. */
  readonly decided: NonNullable<PlanningContext['decided']>
  /** Most full sets of one of the last three weeks; null: nothing is known of them. */
  readonly bestLately: number | null
  /** Weights that the facility has; what is not named is as usual. */
  readonly weights: FacilityWeights
  /** What is known of the trunk; null: nothing but whose it is. */
  readonly trunk: KnownTrunk | null
  /** What the season says about the week. */
  readonly season: SeasonWeek | null
  /** What the organisation says otherwise about sports. */
  readonly sports: SportEdits
}

/** One athlete's week as the coach edits it. Version 0: not stored yet. */
export interface TrainingWeek {
  readonly athleteId: string
  readonly startsOn: string
  readonly version: number
  readonly status: 'draft' | 'assigned'
  /** Edited since it was assigned. */
  readonly changedSinceAssigned: boolean
  readonly plan: WeekPlan
  /** Who stored it last, and when. */
  readonly changedBy: string | null
  readonly changedAt: string | null
}

/** All the week sheet needs in one answer. */
export interface WeekSheet {
  readonly athlete: Athlete
  readonly competitions: readonly Competition[]
  readonly week: TrainingWeek
  /** The week before, to copy lifts from. */
  readonly previousPlan: WeekPlan | null
  /** What is settled for the athlete, and what last week's sets said. */
  readonly settled: Settled
}

/** Why a prescribed drill may not be trained on a day. */
export interface StoppedDrill {
  readonly text: string
  /** The nearest drill that may; null where there is none. */
  readonly instead: { readonly variationId: string, readonly name: string, readonly dose: Dose, readonly sides: Sides }
    | null
}

/** Training is stopped as a whole: since when, and who has been told. */
export interface TrainingStop {
  readonly since: string
  readonly told: readonly string[]
  /** Drills of today whose sets were done before it: they can still be written down. */
  readonly toLog: readonly {
    readonly itemId: string
    readonly name: string
    readonly sides: Sides
    readonly unit: Dose['unit']
  }[]
}

/** What was prescribed, frozen on assignment: a later catalogue change never rewrites it. */
export interface PrescribedItem {
  readonly id: string
  readonly slot: Slot
  readonly pairedWithLift: string | null
  readonly variationId: string
  readonly name: string
  readonly purpose: string
  readonly why: string
  readonly setUp: string
  readonly cues: { readonly inside: string, readonly outside: string }
  readonly faults: readonly Fault[]
  readonly stopSign: string
  readonly breath: BreathPattern
  readonly breathWhy: string | null
  readonly sides: Sides
  readonly dose: Dose
  readonly extraSetSide: Side | null
  readonly setting: SettingValues
  readonly settingsAsked: readonly (keyof SettingValues)[]
  /** Which cue is read first, where it is not the outside one. */
  readonly cueFirst?: 'inside'
  /** The coach's note and what the policy adds. */
  readonly notes?: readonly string[]
  /** Circuit of the session it is a station of, or is done between the rounds of. */
  readonly circuit?: string
  readonly between?: true
  /** Second and later sets of a station, each with what to fall back on. */
  readonly rounds?: readonly { readonly variationId: string, readonly fallbackId: string | null }[]
  /** What may be done in each set today, what is asked first; not there: the drill itself. */
  readonly options?: readonly (readonly DrillOption[])[]
  /** The stopped drill it stands in for. */
  readonly standsInFor?: string
  /** Why it may not be trained today, and what may stand in for it; not there: it may. */
  readonly stopped?: StoppedDrill
  /** What it looks like: a phone shows it without the catalogue and the mechanics. */
  readonly look?: DrillLook
  /** How it, or a rung near it, was done last; null: never lately. */
  readonly last?: (DoneLast & { readonly name: string }) | null
  /** The drill that it was taken for by whoever trains. */
  readonly swappedFor?: string
}

/** A drill that may be done instead of one of the day's. */
export interface Swap extends DrillOption {
  readonly sides: Sides
  readonly dose: Dose
}

/** A drill that may be done in a set. */
export interface DrillOption {
  readonly variationId: string
  readonly name: string
}

/** A line of a warm-up or cool-down; a drill of the catalogue where it is one. */
export interface RoutineLine extends GuidedLine {
  readonly variationId: string | null
}

/** How a session is gone through besides its drills, as it was frozen. */
export interface Routine {
  readonly circuits?: readonly Circuit[]
  readonly warmUp?: readonly RoutineLine[]
  readonly coolDown?: readonly RoutineLine[]
}

/** What a drill looks like. */
export interface DrillLook {
  readonly shares: ActionShares
  readonly figures: Pick<DrillFigures, 'start' | 'end' | 'isPicture'> | null
}

export interface PrescribedSession extends Routine {
  readonly id: string
  readonly day: string
  readonly minutes: number
  readonly lifts: readonly PlannedLift[]
  readonly items: readonly PrescribedItem[]
}

/** A set sent from the floor; the id is made by the sender, so that a repeat is harmless. */
export interface SetLogInput {
  readonly id: string
  readonly prescribedItemId: string
  /** The option that was taken, where a set has some; not there: the drill itself. */
  readonly variationId?: string
  readonly day: string
  readonly performedAt: string
  readonly setNumber: number
  readonly side: Side | null
  readonly amount: number
  readonly breakPoint: BreakPoint
  readonly setting: SettingValues
  readonly feltAt: readonly BodyPlace[]
  readonly effort: number | null
  readonly painAt: BodyPlace | null
  readonly note: string
  /** How good its repeats were, 1-10 of the own best; a coach's to score. */
  readonly quality?: number | null
  /** The set that this one puts right; its place is the same. */
  readonly corrects?: string | null
}

export interface StoredSetLog extends Omit<SetLogInput, 'corrects'> {
  readonly athleteId: string
  readonly variationId: string
  readonly unit: Dose['unit']
  readonly tempo: string | null
}

/** A session as it may be trained, and what is logged of it. */
export interface SessionRun {
  readonly athleteId: string
  readonly athleteName: string
  readonly day: string
  /** Set while a red flag stands: nothing is handed out. */
  readonly stop: TrainingStop | null
  readonly session: PrescribedSession | null
  readonly logs: readonly StoredSetLog[]
  /** How hard the session was as a whole; null until somebody says. */
  readonly effort: SessionEffort | null
}

/** The athlete's day: today's session if there is one, what is already logged, and what comes next. */
export interface Today extends SessionRun {
  readonly nextDays: readonly { readonly day: string, readonly sessionId: string, readonly drills: number }[]
  readonly nextCompetition: Competition | null
  /** What the season says about this week; null outside every season. */
  readonly season: SeasonWeek | null
  /** What else is on today. */
  readonly entries: readonly StoredEntry[]
  /** What was changed since yesterday. */
  readonly notices: readonly SeasonNotice[]
  /** What was decided of the athlete's drills lately, newest first, in sentences. */
  readonly decided: readonly string[]
}

/** Planned and done over some weeks, as stored; the browser and the core reckon the rest. */
export interface History {
  readonly from: string
  readonly to: string
  readonly prescribed: readonly PrescribedWork[]
  /** What is known of the trunk now: what was done is reckoned by it. */
  readonly trunk: KnownTrunk
  readonly logs: readonly StoredSetLog[]
}

/** A week that was planned and not stored. */
export interface PlannedAnswer {
  readonly plan: WeekPlan
  readonly notes: readonly string[]
  readonly refused: boolean
  readonly proof: PlanProof | null
}
