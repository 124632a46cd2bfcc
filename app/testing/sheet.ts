import { EQUIPMENT, STANDARD, standsUpTo, type Equipment } from '~~/core/catalogue'
import { NO_HEALTH, type Athlete, type WeekSheet } from '~~/shared/types'

const anAthlete = (over: Partial<Athlete> = {}): Athlete => ({
  id: 'a', version: 1, archived: false, clearances: [], health: NO_HEALTH, screenedOn: '2026-02-01',
  accountEmail: null, accountState: 'none', changedBy: null, name: 'Ilse Tarn', goal: '', goalVariationId: null,
  goalLift: null, sport: 'general', position: '', sex: 'female', heightCm: 172, massKg: 66, birthYear: 2000,
  trainingAgeYears: 4, equipment: Object.keys(EQUIPMENT) as Equipment[], flags: [],
  available: [{ day: 0, minutes: 60 }],
  braceStep: 7, stands: STANDARD.ladders.flatMap(l => standsUpTo(l, l.rungs.length)), weakLink: null,
  weakSide: null, groupIds: [], ...over,
})

/** A week's sheet of an able athlete with nothing planned and nothing settled. */
export const aSheet = (over: Partial<Athlete> = {}, sheet: Partial<WeekSheet> = {}): WeekSheet => ({
  athlete: anAthlete(over), competitions: [], previousPlan: null,
  week: {
    athleteId: 'a', startsOn: '2026-03-02', version: 1, status: 'draft', changedSinceAssigned: false,
    plan: { sessions: [] }, changedBy: null, changedAt: null,
  },
  settled: {
    layers: [], progress: {}, decided: {}, weights: {}, bestLately: null, trunk: null, season: null, sports: {},
  },
  ...sheet,
})
