export { LENGTH_UNITS, MASS_UNITS, ROLES, type Me, type Role, type SignInInput, type Units } from './people'
export type { Athlete, AthleteInput, Availability, Competition, Group, RosterRow } from './athlete'
export type {
  BulkProposal, History, PrescribedItem, PrescribedSession, SetLogInput, StoredSetLog, Today, TrainingWeek, WeekSheet,
} from './week'
