import { EQUIPMENT, findVariation, STANDARD, type Equipment } from '../catalogue'
import { strangerTrunk } from '../capacity'
import type { PoseSpec } from '../mechanics'
import { USUAL_RULES } from '../policy'
import type { Step } from '../progression'
import { planSeason, seasonInstance, type SeasonShape, type StandingSeason } from '../season'
import {
  weekLedger, weeklyTargets, type PlannedLift, type PlannedSession, type PlanningContext, type TrunkItem,
} from '../programme'
import { TOP_RUNGS } from './topRungs'

/** An experienced athlete with everything at hand and nothing in the way, for tests and examples. */
export const context: PlanningContext = {
  screen: {
    catalogue: STANDARD,
    flags: [],
    equipment: Object.keys(EQUIPMENT) as Equipment[],
    braceStep: 7,
    rungs: TOP_RUNGS,
    ageYears: 24,
  },
  sport: 'general',
  trainingAgeYears: 3,
  weakLink: null,
  weakSide: null,
  competitionDays: [],
  seasonDays: null,
  position: '',
  goal: { variationId: null, lift: null },
  rules: USUAL_RULES,
  progress: {},
  trunk: strangerTrunk({ sex: 'male', heightM: 1.8, massKg: 80, ageYears: 24, trainingAgeYears: 3 }, STANDARD),
}

export const lift: PlannedLift = { id: 'squat', lift: 'backSquat', sets: 4, reps: 4, percent1Rm: 82 }

/** A heavy squat day with nothing in it yet. */
export const session: PlannedSession = { id: 's', day: 0, minutes: 60, lifts: [lift], items: [] }

export const variation = findVariation('side-plank.feet')!

export const item: TrunkItem = {
  id: 'i', variationId: variation.id, dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: '',
}

/** A press-out as it is given. */
export const step: Step = {
  variationId: 'press-out.standing', dose: { sets: 3, amount: 6, unit: 'reps', restS: 45 }, setting: { bandN: 100 },
  effort: 0.5,
}

export const ledger = weekLedger(
  { sessions: [session] },
  weeklyTargets({ sport: 'general', sessions: 3, trainingAgeYears: 3, weakLink: null }),
  context,
)

/** Standing upright, arms hanging, for examples of the mechanics. */
const DOWN = [0, 0, -1] as const
const leg = { thigh: DOWN, shank: DOWN, foot: [1, 0, 0] as const }
const arm = { upper: DOWN, fore: DOWN, hand: DOWN }
export const STANDING: PoseSpec = {
  pelvis: { up: [0, 0, 1], front: [1, 0, 0] }, arms: { left: arm, right: arm }, legs: { left: leg, right: leg },
}

/** A season of two weeks as it stands, for examples. */
export const standing: StandingSeason = (() => {
  const shape: SeasonShape = {
    startsOn: '2026-03-02', weeks: 2, weekdays: [0, 1, 3, 4], hardDays: [0, 3], deloadEvery: 4,
    phases: [{ phase: 'offSeason', least: 1, most: 8, start: 0, volume: 18, opening: { braceStep: null, done: null } }],
  }
  return { shape, plan: planSeason(seasonInstance(shape, [])) }
})()
