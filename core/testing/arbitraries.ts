import { DAY_KINDS } from '../season'
import fc from 'fast-check'
import { EQUIPMENT, LADDERS, rungsOf, STANDARD, TRUNK_ACTIONS, type Equipment } from '../catalogue'
import { strangerTrunk, type Trunk } from '../capacity'
import { addDays } from '../calendar'
import { PHASE_IDS, SCHOOL_IDS, USUAL_LOADS, USUAL_RULES, weekRules, type WeekRules } from '../policy'
import { LIFT_IDS, SPORT_PROFILE_IDS, type PlannedSession, type PlanningContext } from '../programme'
import { FLAG_IDS, type Screen } from '../screening'

const BRANCHES = LADDERS.flatMap(ladder => ladder.branches)

/** Random athletes as screening sees them. */
export const anyScreen: fc.Arbitrary<Screen> = fc.record({
  catalogue: fc.constant(STANDARD),
  flags: fc.uniqueArray(fc.constantFrom(...FLAG_IDS), { maxLength: 3 }),
  equipment: fc.subarray(Object.keys(EQUIPMENT) as Equipment[]),
  braceStep: fc.integer({ min: 1, max: 7 }),
  rungs: fc.subarray(BRANCHES).chain(some => fc.tuple(...some.map(({ rungs }) => fc.constantFrom(...rungs))))
    .map(drills => rungsOf(drills.map(drill => drill.id), STANDARD)),
  ageYears: fc.option(fc.integer({ min: 12, max: 60 })),
})

const anyLift = fc.record({
  lift: fc.constantFrom(...LIFT_IDS), sets: fc.integer({ min: 1, max: 6 }), reps: fc.integer({ min: 1, max: 12 }),
  percent1Rm: fc.integer({ min: 40, max: 95 }),
})

/** Random weeks of lifts, one session a day. */
export const anySessions: fc.Arbitrary<PlannedSession[]> = fc.uniqueArray(fc.integer({ min: 0, max: 6 }), {
  maxLength: 5,
})
  .chain(days =>
    fc.tuple(
      ...days.sort((a, b) => a - b).map(day =>
        fc.record({
          minutes: fc.integer({ min: 10, max: 100 }), lifts: fc.array(anyLift, { maxLength: 3 }),
        }).map(({ minutes, lifts }): PlannedSession => ({
          id: `d${day}`, day, minutes, items: [],
          lifts: lifts.map((lift, i) => ({ ...lift, id: `d${day}l${i}` })),
        }))
      ),
    )
  )

/** One settled thing a line: a school, a line of its own, locks, and a block the week may stand in. */
const anyRules: fc.Arbitrary<WeekRules> = fc.record({
  school: fc.option(fc.constantFrom(...SCHOOL_IDS)),
  lines: fc.record({
    flexion: fc.constantFrom('allowed', 'limited', 'unloaded', 'off'),
    place: fc.constantFrom('usual', 'early', 'inside'),
  }, { requiredKeys: [] }),
  never: fc.subarray(['front-plank.elbows', 'side-plank.knees', 'dead-bug.heel-taps']),
  only: fc.constantFrom<Record<string, readonly string[]>>({}, { 'quadruped.opposite-arm-leg': ['activation'] }),
  phase: fc.option(fc.constantFrom(...PHASE_IDS)),
  week: fc.integer({ min: 0, max: 4 }),
}).map(({ school, lines, never, only, phase, week }) =>
  weekRules([{
    scope: 'athlete', scopeId: 'a', name: 'the athlete',
    rules: {
      school, lines, bands: {}, never, only,
      blocks: [{ startsOn: addDays('2026-03-02', -7 * week), phase, loads: USUAL_LOADS }],
    },
  }], '2026-03-02')
)

const TRUNKS = [
  { sex: 'male', heightM: 1.88, massKg: 96, ageYears: 24, trainingAgeYears: 8 },
  { sex: 'female', heightM: 1.62, massKg: 54, ageYears: 16, trainingAgeYears: 0 },
].map(trunk => strangerTrunk(trunk as Trunk, STANDARD))

/** Random planning contexts. */
export const anyContext: fc.Arbitrary<PlanningContext> = fc.record({
  screen: anyScreen,
  sport: fc.constantFrom(...SPORT_PROFILE_IDS),
  trainingAgeYears: fc.integer({ min: 0, max: 15 }),
  weakLink: fc.option(fc.constantFrom(...TRUNK_ACTIONS)),
  weakSide: fc.option(fc.constantFrom('left' as const, 'right' as const)),
  competitionDays: fc.uniqueArray(fc.integer({ min: -1, max: 8 }), { maxLength: 2 }),
  seasonDays: fc.option(fc.array(fc.constantFrom(...DAY_KINDS), { minLength: 7, maxLength: 7 }), { freq: 2 }),
  position: fc.constantFrom('', 'libero', 'foil, left-handed', 'kayak crew'),
  goal: fc.record({
    variationId: fc.option(fc.constantFrom('rollout.wheel-kneeling', 'side-plank.band-push')),
    lift: fc.option(fc.constantFrom(...LIFT_IDS)),
  }),
  rules: fc.oneof({ weight: 2, arbitrary: fc.constant(USUAL_RULES) }, { weight: 1, arbitrary: anyRules }),
  progress: fc.constantFrom<PlanningContext['progress']>(
    {}, { 'front-plank.elbows': 'back', 'carries.suitcase': 'on' },
  ),
  trunk: fc.constantFrom(...TRUNKS),
})
