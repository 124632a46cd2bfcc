export {
  LENGTH_UNITS, MASS_UNITS, RECORD_ACTIONS, ROLES, type Beginning, type FactorBegun, type Founding, type Guardian,
  type GuardianAnswer, type Me, type Passkey, type PasskeyInput, type PasskeyOptions,
  type RecordAction, type RecordEntry, type Role, type SessionAnswer, type SignedInDevice, type SignInInput,
  type StaffChange, type StaffInvitation, type StaffMember, type Units,
} from './people'
export type {
  Assessment, BraceCheckInput, BraceCourse, InstrumentEvent, InstrumentState, PlaceInput, StoredBraceCheck,
  StoredOwnTests, StoredTrial, TrialInput, TrialsAnswer, TrialTrace,
} from './assessment'
export type { StoredCatalogue } from './catalogue'
export type {
  DecisionInput, DecisionOutcome, DecisionRow, DecisionsAnswer, DecisionTray, TakenDecision,
} from './decisions'
export type {
  AthleteReview, NewReportLink, ReportLink, ReportLinkInput, SharedReport, WeekReckoned, WeekSeries, WeekSum,
} from './review'
export type { Facility, GymRoom, GymRooms } from './facility'
export type { FloorBoard, FloorBoardInput, FloorDay, FloorRoom, FloorWays, RunningFloor } from './floor'
export {
  NO_HEALTH, type AlertKind, type Athlete, type AthleteHealth, type AthleteInput, type Availability, type Competition,
  type Group, type HealthAlert, type Overruled, type PainInput,
  ROSTER_SORTS, type RosterPage, type RosterQuery, type RosterRow, type RosterSort,
} from './athlete'
export type {
  DrillLook, DrillOption, History, PlannedAnswer,
  PrescribedItem, PrescribedSession, Routine, RoutineLine, SessionRun, SetLogInput,
  Settled, StoppedDrill, StoredSetLog, Swap, Today,
  TrainingStop, TrainingWeek, WeekSheet,
} from './week'
export type {
  AthleteSeason, AthleteSeasonChange, CalendarFeed, CalendarFound, CalendarSource, CoachDay, EntryInput, FeedInput,
  FoundEntry, MySeason, NewFeed, SeasonChange, SeasonChanged, SeasonNotice, SeasonsAnswer, AthleteShutPhase, SquadDay,
  StoredEntry, StoredSeason,
} from './season'
export { FEED_SCOPES } from './season'
export type {
  Applied, ApplyRequest, PlanRun, PlanRunInput, PlanRunLine, PlanRunRequest, RulesChange, RunState, StoredRules,
  StoredSports,
  WeekOutcome, WeekReview,
} from './planning'
export { TOPICS, type Told, type Topic } from './live'
