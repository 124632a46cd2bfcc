import { EQUIPMENT, type Equipment } from '~~/core/catalogue'
import { addDays } from '~~/core/calendar'
import type { PlannedSession } from '~~/core/programme'
import { FLAG_IDS, type Answers, type Clearance, type FlagId, type Raised } from '~~/core/screening'
import type { AthleteInput, Competition, GymRoom, Role } from '~~/shared/types'
import { hiddenTrunk, type HiddenTrunk } from './hiddenTrunk'
import { chance, type Chance } from './random'
import { SQUADS, type Squad } from './squads'
import { standingOf } from './standing'

/** Everybody's password in the demo. */
export const DEMO_PASSWORD = 'anchor-demo'
/** The demo's island keeps this zone's time. */
export const DEMO_TIME_ZONE = 'Atlantic/Faroe'
const SEED = 20_317

export interface DemoPerson {
  readonly name: string
  readonly email: string
  readonly role: Role
  readonly athleteId: string | null
  /** Groups in sight of a coach or assistant. */
  readonly groups: 'all' | readonly string[]
}

export interface DemoAthlete {
  readonly id: string
  readonly input: AthleteInput
  /** What the trunk really holds: only what is done follows from it. */
  readonly hidden: HiddenTrunk
  /** What was answered on screening; null: never screened. */
  readonly answers: Answers | null
  readonly clearances: readonly Clearance[]
  readonly raised: Raised
  /** The lifts of every week, no trunk work in them. */
  readonly sessions: readonly PlannedSession[]
}

export interface DemoCentre {
  readonly name: string
  readonly timeZone: string
  readonly groups: readonly { readonly id: string, readonly name: string }[]
  readonly competitions: readonly Competition[]
  readonly equipment: Readonly<Partial<Record<Equipment, number>>>
  /** Kilograms of each implement, newtons of the bands that were measured. */
  readonly weights: Readonly<Record<string, readonly number[]>>
  /** Rooms that its squads share. */
  readonly rooms: readonly GymRoom[]
  readonly athletes: readonly DemoAthlete[]
  readonly people: readonly DemoPerson[]
}

/** What stands in the invented centre's gym, with counts. */
const EQUIPMENT_COUNTS: Partial<Record<Equipment, number>> = {
  wall: 4, box: 4, bench: 6, band: 20, anchor: 6, cable: 2, wheel: 4, gymBall: 5, medicineBall: 8, slamBall: 4,
  plate: 60, dumbbell: 24, kettlebell: 16, sandbag: 4, barbell: 6, stick: 12, pullUpBar: 4, extensionBench: 1,
  straps: 4, rings: 2, pad: 3, vest: 2, chair: 8, partner: 12,
}

/** What it weighs, and what its bands pull at the line on the floor; the rest is as usual. */
const WEIGHTS = {
  kettlebell: [8, 12, 16, 20, 24, 28, 32, 40], sandbag: [10, 20, 30, 40], vest: [5, 10],
  band: [40, 60, 80, 100, 120, 140, 160, 200], cable: Array.from({ length: 20 }, (_, i) => 25 * (i + 1)),
}

const ROOMS: readonly GymRoom[] = [
  { id: '0198a000-0000-7000-8000-000000000001', name: 'Boat-house gym', people: 12, from: '07:00', to: '20:30' },
  { id: '0198a000-0000-7000-8000-000000000002', name: 'Mat hall', people: 8, from: '15:00', to: '21:00' },
]

/** Flags in the demo, by place in the squad list: most athletes have none. */
const FLAGS: Readonly<Record<string, readonly FlagId[]>> = {
  'Kesta Reef': ['wrist'],
  'Dovan Brack': ['backPainBending'],
  'Brisa Haven': ['shoulder'],
  'Halvo Fell': ['bloodPressureHeart'],
  'Oskel Burn': ['nightPain'],
}

/** Who was never screened yet, and who has a doctor's word that training may go on within what the flag takes away. */
const NEVER_SCREENED = ['Ilse Tarn', 'Zanna Wick']
const CLEARED_TO_TRAIN = ['Halvo Fell']
/** Days ago on which everybody was screened, and on which flags were raised. */
const SCREENED_DAYS = 41

/** Athletes with a sign-in of their own. */
const WITH_ACCOUNT = ['Ilse Tarn', 'Bram Lough', 'Sirke Holm', 'Jorun Vale', 'Tiko Crag']

const known = new Map<string, DemoCentre>()

/** The invented Larkholm centre as of a day: same seed, same people; only the dates move. Made once a day. */
export function larkholm(today: string): DemoCentre {
  const found = known.get(today) ?? centreOn(today)
  known.set(today, found)
  return found
}

function centreOn(today: string): DemoCentre {
  const luck = chance(SEED)
  const groups = SQUADS.map(squad => ({ id: luck.key(), name: squad.name }))
  const athletes = SQUADS.flatMap((squad, index) =>
    squad.athletes.map(([name, sex]) => athlete(luck, squad, groups[index]!.id, name, sex, today)))
  return {
    name: 'Larkholm Island Performance Centre',
    timeZone: DEMO_TIME_ZONE,
    groups,
    equipment: EQUIPMENT_COUNTS,
    weights: WEIGHTS,
    rooms: ROOMS,
    competitions: SQUADS.map((squad, index) => ({
      id: luck.key(),
      groupId: groups[index]!.id,
      name: squad.competition.name,
      day: addDays(today, squad.competition.inDays),
      importance: squad.competition.importance,
    })),
    athletes,
    people: [
      { name: 'Maren Skerry', email: 'head@larkholm.example', role: 'headCoach', athleteId: null, groups: 'all' },
      { name: 'Tobin Kelp', email: 'coach@larkholm.example', role: 'coach', athleteId: null, groups: 'all' },
      {
        name: 'Ivo Strand', email: 'ivo@larkholm.example', role: 'coach', athleteId: null, groups: ['Fencing', 'Judo'],
      },
      { name: 'Asta Firth', email: 'assistant@larkholm.example', role: 'assistant', athleteId: null, groups: 'all' },
      ...WITH_ACCOUNT.map((name): DemoPerson => ({
        name,
        email: `${name.split(' ')[0]!.toLowerCase()}@larkholm.example`,
        role: 'athlete',
        groups: [],
        athleteId: athletes.find(a => a.input.name === name)!.id,
      })),
    ],
  }
}

function athlete(
  luck: Chance, squad: Squad, groupId: string, name: string, sex: 'female' | 'male', today: string,
): DemoAthlete {
  const [height, mass] = squad.body[sex]
  const thisYear = Number(today.slice(0, 4))
  const trainingAgeYears = luck.between(1, 8)
  const level = trainingAgeYears >= 5 ? 4 : trainingAgeYears >= 3 ? 3 : 2
  const id = luck.key()
  const input: AthleteInput = {
    name,
    goal: luck.pick(squad.goals),
    goalVariationId: luck.yes(0.3) ? 'rollout.wheel-kneeling' : null,
    goalLift: null,
    sport: squad.sport,
    position: luck.pick(squad.positions),
    sex,
    heightCm: height + luck.between(-6, 6),
    massKg: mass + luck.between(-6, 7),
    birthYear: thisYear - luck.between(18, 29),
    trainingAgeYears,
    equipment: Object.keys(EQUIPMENT) as Equipment[],
    available: [
      ...Object.keys(squad.liftDays).map(day => ({ day: Number(day), minutes: 75 })),
      ...Object.entries(squad.otherDays).map(([day, minutes]) => ({ day: Number(day), minutes })),
    ].sort((a, b) => a.day - b.day),
    flags: FLAGS[name] ?? [],
    braceStep: level >= 4 ? 7 : level >= 3 ? 6 : 5,
    stands: [],
    weakLink: luck.yes(0.7) ? luck.pick(squad.weakLinks) : null,
    weakSide: luck.yes(0.6) ? luck.pick(['left', 'right'] as const) : null,
    groupIds: [groupId],
  }
  const hidden = hiddenTrunk(luck, input, today)
  return {
    id, hidden,
    input: { ...input, stands: standingOf(input, hidden, level) },
    sessions: sessionsOf(squad),
    ...healthOf(name, today),
  }
}

/** What screening left behind, invented: who answered what, since when, and what a clinician said of it. */
function healthOf(name: string, today: string): Pick<DemoAthlete, 'answers' | 'clearances' | 'raised'> {
  const flags = FLAGS[name] ?? []
  const day = addDays(today, -SCREENED_DAYS)
  return {
    answers: NEVER_SCREENED.includes(name)
      ? null
      : Object.fromEntries(FLAG_IDS.map(flag => [flag, flags.includes(flag)])),
    raised: Object.fromEntries(flags.map(flag => [flag, { day, at: `${day}T09:00:00.000Z` }])),
    clearances: CLEARED_TO_TRAIN.includes(name)
      ? flags.map((flag): Clearance => ({
        id: `cleared-${flag}`, flag, extent: 'training', givenBy: 'Island practice', role: 'doctor', from: day,
        until: addDays(today, 90), note: '',
      }))
      : [],
  }
}

function sessionsOf(squad: Squad): PlannedSession[] {
  const lifting = Object.entries(squad.liftDays).map(([day, lifts]): PlannedSession => ({
    id: `d${day}`,
    day: Number(day),
    minutes: 75,
    lifts: lifts.map(([lift, sets, reps, percent1Rm], index) => ({
      id: `d${day}-l${index}`, lift, sets, reps, percent1Rm,
    })),
    items: [],
  }))
  const other = Object.entries(squad.otherDays)
    .map(([day, minutes]): PlannedSession => ({ id: `d${day}`, day: Number(day), minutes, lifts: [], items: [] }))
  return [...lifting, ...other].sort((a, b) => a.day - b.day)
}
