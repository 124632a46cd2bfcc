import { STANDARD, type Equipment, EQUIPMENT, rungsOf } from '../catalogue'
import { weekRules, type PhaseId } from '../policy'
import { knownTrunk } from '../capacity'
import { SPORT_PROFILE_IDS, type PlannedSession, type ProposalRequest } from '../programme'
import type { FlagId } from '../screening'

const PHASES_BY_TURN: readonly PhaseId[] = ['offSeason', 'preSeason', 'inSeason', 'taper']
const WEAK = ['antiLateralFlexion', null, 'antiFlexion', 'antiRotation', null, 'antiExtension'] as const
const GOALS = [null, 'rollout.wheel-kneeling', null, 'side-plank.weight-on-hip', null] as const
const FLAGS: readonly (readonly FlagId[])[] = [[], [], ['backPainBending'], [], ['shoulder'], [], []]
const AGES = [24, 14, 31, 19, 45, 16, 27] as const
const BARE: readonly Equipment[] = ['wall', 'band', 'anchor', 'chair', 'dumbbell', 'plate']
const FULL = Object.keys(EQUIPMENT) as Equipment[]

const LIFTS = [
  [
    { id: 'l0', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 82 },
    { id: 'l1', lift: 'benchPress', sets: 4, reps: 5, percent1Rm: 80 },
  ],
  [],
  [
    { id: 'l2', lift: 'romanianDeadlift', sets: 4, reps: 6, percent1Rm: 76 },
    { id: 'l3', lift: 'pullUp', sets: 4, reps: 6, percent1Rm: 70 },
  ],
  [],
  [{ id: 'l4', lift: 'oneArmRow', sets: 3, reps: 8, percent1Rm: 65 }],
  [],
] as const

/** A drill somebody of so many years stands on, on each branch that is open to them by its brace step. */
function standsOf(trainingAgeYears: number, braceStep: number): string[] {
  const share = Math.min(1, 0.3 + trainingAgeYears / 12)
  return STANDARD.ladders.flatMap(ladder => ladder.branches).flatMap(({ rungs }) => {
    const open = rungs.filter(rung => rung.braceStep <= braceStep)
    const at = open[Math.max(0, Math.ceil(open.length * share) - 1)]
    return at ? [at.id] : []
  })
}

interface Case {
  readonly name: string
  readonly request: ProposalRequest
}

/** Athletes of every sport, both sexes, 14 to 45 years, brace steps 3 to 7, bare room and full gym, 2 to 6 sessions. */
export const CENTRE: readonly Case[] =
  Array.from({ length: SPORT_PROFILE_IDS.length * 2 }, (_, i) => {
    const sport = SPORT_PROFILE_IDS[i % SPORT_PROFILE_IDS.length]!
    const ageYears = AGES[i % AGES.length]!
    const trainingAgeYears = Math.min(ageYears - 10, [8, 2, 5, 1, 12][i % 5]!)
    const braceStep = [7, 5, 6, 7, 3][i % 5]!
    const sex = i % 2 === 0 ? 'male' as const : 'female' as const
    const [heightM, massKg] = sex === 'male'
      ? [1.74 + (i % 4) * 0.06, 70 + (i % 5) * 8]
      : [1.6 + (i % 4) * 0.05, 54 + (i % 5) * 6]
    const phase = PHASES_BY_TURN[i % 4]!
    const equipment = i % 3 === 2 ? BARE : FULL
    const count = 2 + i % 5
    const sessions = [0, 1, 3, 4, 5, 6].slice(0, count).map((day, s): PlannedSession =>
      ({ id: `s${s}`, day, minutes: (LIFTS[s]?.length ?? 0) > 0 ? 75 : 30, lifts: LIFTS[s] ?? [], items: [] }))
    return {
      name: [sport, sex, ageYears, `brace ${braceStep}`, phase, `${count} sessions`].join(', '),
      request: {
        sessions,
        context: {
          screen: {
            catalogue: STANDARD, flags: FLAGS[i % FLAGS.length]!, equipment, braceStep,
            rungs: rungsOf(standsOf(trainingAgeYears, braceStep), STANDARD), ageYears, massKg,
          },
          sport, position: '', trainingAgeYears, weakLink: WEAK[i % WEAK.length]!, weakSide: null, competitionDays: [],
          seasonDays: null, goal: { variationId: GOALS[i % GOALS.length]!, lift: null }, progress: {},
          rules: weekRules([], '2026-03-02', { phase, week: 2, weeks: 4, load: 1 }),
          trunk: knownTrunk(
            { sex, heightM, massKg, ageYears, trainingAgeYears },
            { trials: [], sets: [], stands: standsOf(trainingAgeYears, braceStep) }, STANDARD, '2026-03-02',
          ),
        },
      },
    }
  })
