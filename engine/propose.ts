import { knownTrunk } from '../core/capacity'
import { mainAction, rungsOf, STANDARD } from '../core/catalogue'
import { DomainError } from '../core/errors'
import { USUAL_LOADS, weekRules } from '../core/policy'
import {
  itemEffort, proposeWeek, trunkMinutesOf, type PlannedSession, type PlanningContext, type TrunkItem, type WeekPlan,
} from '../core/programme'
import { highsSolver } from '../solver/highs'
import { evidenceOf } from './capacity'
import { proposeSchema, type ReadPropose } from './schemas/propose'
import { read, type Input } from './schemas/read'

const round = (value: number, digits: number): number => Number(value.toFixed(digits)) + 0

function sessionsOf({ sessions }: ReadPropose): PlannedSession[] {
  return sessions.map(({ day, minutes, lifts }, s) => ({
    id: `s${s}`, day, minutes, items: [],
    lifts: lifts.map((lift, l) => ({ id: `s${s}l${l}`, ...lift })),
  }))
}

/** Whose week it is, as the core knows it. */
export function contextOf(
  { athlete, evidence, phase, blockWeek, competitionDays, today }: Pick<
    ReadPropose, 'athlete' | 'evidence' | 'phase' | 'blockWeek' | 'competitionDays' | 'today'
  >,
): PlanningContext {
  mustKnow(athlete)
  const { sport, position, braceStep, weakLink, weakSide, goalVariation, goalLift, flags, equipment, school } = athlete
  const layer = {
    scope: 'athlete' as const, scopeId: 'a', name: 'the athlete',
    rules: { school, lines: {}, bands: {}, never: [], only: {}, blocks: [] },
  }
  const weeks = USUAL_LOADS.length
  const week = (blockWeek - 1) % weeks + 1
  return {
    screen: {
      catalogue: STANDARD, flags, equipment, braceStep, rungs: rungsOf(athlete.stands, STANDARD),
      ageYears: athlete.ageYears, massKg: athlete.massKg,
    },
    sport, position, trainingAgeYears: athlete.trainingAgeYears, weakLink, weakSide, competitionDays,
    seasonDays: null, goal: { variationId: goalVariation, lift: goalLift }, progress: {},
    trunk: knownTrunk(athlete, { ...evidenceOf(evidence), stands: athlete.stands }, STANDARD, today),
    rules: weekRules([layer], '2026-01-05', { phase, week, weeks, load: USUAL_LOADS[week - 1] ?? 1 }),
  }
}

function mustKnow({ stands, goalVariation }: ReadPropose['athlete']): void {
  const strange = stands.findIndex(id => !STANDARD.find(id))
  if (strange >= 0) throw new DomainError(`athlete.stands.${strange}`, `There is no drill ${stands[strange]}.`)
  if (goalVariation !== null && !STANDARD.find(goalVariation))
    throw new DomainError('athlete.goalVariation', `There is no drill ${goalVariation}.`)
}

function beforeOf({ before }: ReadPropose): WeekPlan | null {
  return before && {
    sessions: before.sessions.map(({ day, items }, s) => ({
      id: `b${s}`, day, minutes: 60, lifts: [],
      items: items.map(({ variation, slot, settings, sets, amount, unit, tempo, restS }, i) => ({
        id: `b${s}i${i}`, variationId: variation, slot, pairedWith: null, extraSetSide: null, setting: settings,
        why: '',
        dose: { sets, amount, unit, restS, ...(tempo ? { tempo } : {}) },
      })),
    })),
  }
}

function told(item: TrunkItem, session: PlannedSession, context: PlanningContext) {
  const { dose, variationId, slot, pairedWith, setting, why } = item
  const drill = STANDARD.find(variationId)!
  const { kind, effort, fullSets } = itemEffort(item, context)!
  return {
    variation: variationId, name: drill.name, ladder: drill.ladder, rung: drill.rung,
    presentRung: context.screen.rungs[drill.branch] ?? 1, kind, slot,
    pairedWith: session.lifts.find(lift => lift.id === pairedWith)?.lift ?? null,
    sets: dose.sets, amount: dose.amount, unit: dose.unit, tempo: dose.tempo ?? null, restS: dose.restS,
    sides: drill.sides, posture: drill.posture, mode: drill.mode, main: mainAction(drill.shares),
    takes: drill.settings, settings: setting, r: effort.r === null ? null : round(effort.r, 3),
    effortPerSet: round(effort.effort, 3),
    fullSets: Object.fromEntries(
      Object.entries(fullSets).filter(([, worth]) => worth > 0).map(([a, worth]) => [a, round(worth, 3)]),
    ),
    why,
  }
}

/** An athlete and the lifts of a week in; the trunk work of the week by effort out. */
export async function propose(input: Input): Promise<unknown> {
  const given = read(proposeSchema, input)
  const context = contextOf(given)
  const { plan, ledger, notes, proof } = proposeWeek(
    { context, sessions: sessionsOf(given) }, { before: beforeOf(given), solver: await highsSolver() },
  )
  return {
    sessions: plan.sessions.map(session => ({
      day: session.day, items: session.items.map(item => told(item, session, context)),
    })),
    ledger: Object.fromEntries(ledger.lines.map(({ action, lifts, drills, band: { low, high } }) =>
      [action, { low: round(low, 2), high: round(high, 2), lifts: round(lifts, 2), drills: round(drills, 2) }])),
    contacts: ledger.contacts, minutes: round(trunkMinutesOf(plan, STANDARD), 1), wanting: notes,
    proven: proof?.proven ?? true, goal: round(proof?.goal ?? 0, 2), bound: round(proof?.bound ?? 0, 2),
  }
}
