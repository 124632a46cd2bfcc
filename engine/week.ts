import { DomainError } from '../core/errors'
import {
  checkInstance, evaluatePlan, planWeek, type PlannerDose, type PlannerItem, type PlannerVariation, type WeekInstance,
} from '../core/planner'
import { competitionDay, dayBefore } from '../core/rules'
import { highsSolver } from '../solver/highs'
import { read, type Input } from './schemas/read'
import {
  evaluateSchema, weekSchema, type ReadItem, type ReadSession, type ReadVariation, type ReadWeek,
} from './schemas/week'

function dosesOf({ doses, sets = [], perSet }: ReadVariation): readonly PlannerDose[] {
  if (doses || !perSet) return doses ?? []
  return sets.map(n => ({
    sets: n, seconds: n * perSet.seconds, fatigue: n * perSet.fatigue,
    demand: Object.fromEntries(Object.entries(perSet.demand).map(([action, value]) => [action, n * value])),
  }))
}

/**
 * Places that a kind of day takes away: on a competition day all of them, the day before all but activation and that
 * from fast work.
 */
function takenAway(sessions: readonly ReadSession[], ballistic: boolean): NonNullable<PlannerVariation['not']> {
  return sessions.filter(({ kind }) => kind !== 'training').flatMap(({ id, kind, slots }) => {
    const { says } = (kind === 'competition' ? competitionDay : dayBefore).value
    return slots.filter(slot => kind === 'competition' || ballistic || !slot.activation)
      .map(slot => ({ session: id, slot: slot.id, rule: 'competition', text: says }))
  })
}

function variationOf(given: ReadVariation, sessions: readonly ReadSession[]): PlannerVariation {
  const { ballistic, sets: _, perSet: __, not, ...variation } = given
  return { ...variation, doses: dosesOf(given), not: [...not, ...takenAway(sessions, ballistic)] }
}

function itemsOf(items: readonly ReadItem[], field: string, { sessions }: Pick<WeekInstance, 'sessions'>) {
  return items.map((item, i): PlannerItem => {
    const slots = sessions.find(s => s.id === item.session)?.slots ?? []
    const slot = item.slot ?? (slots.length === 1 ? slots[0]?.id : undefined)
    if (slot === undefined) throw new DomainError(`${field}.${i}.slot`, 'slot is missing.')
    return { ...item, slot }
  })
}

function instanceOf({ wallS: _, ...given }: ReadWeek): WeekInstance {
  const variations = given.variations.map(variation => variationOf(variation, given.sessions))
  const sessions = given.sessions.map(({ kind: _kind, slots, ...session }) =>
    ({ ...session, slots: slots.map(({ activation: _activation, ...slot }) => slot) }))
  const named = [
    ...Object.keys(given.bands), ...variations.flatMap(v => v.doses.flatMap(d => Object.keys(d.demand))),
    ...sessions.flatMap(s => Object.keys(s.lifts)),
  ]
  const instance: WeekInstance = {
    ...given, actions: given.actions ?? [...new Set(named)], sessions, variations,
    locks: { ...given.locks, keep: itemsOf(given.locks.keep, 'locks.keep', { sessions }) },
  }
  checkInstance(instance)
  return instance
}

/**
 * An instance in; the best plan, what it costs, how far that is proven, and what is to blame for what is wanting out.
 */
export async function week(input: Input): Promise<unknown> {
  const given = read(weekSchema, input)
  const { plan, evaluation, bound, proven, proof, walled, explanations, dropped } = planWeek(instanceOf(given), {
    solver: await highsSolver(), walls: { searchS: given.wallS, explainS: 1 },
  })
  return {
    plan, goal: evaluation.goal, bound, proven, proof, walled, preference: evaluation.preference,
    doses: evaluation.doses, broken: evaluation.broken,
    relaxations: explanations.map(({ relaxation, kind, blame, minimal, droppedBy, says }) =>
      ({ ...relaxation, kind, blame, minimal, droppedBy, says })),
    dropped,
  }
}

/** An instance and a plan in; every rule counted anew out. */
export function evaluate(input: Input): unknown {
  const { instance: given, plan } = read(evaluateSchema, input)
  const instance = instanceOf(given)
  return evaluatePlan(instance, itemsOf(plan, 'plan', instance))
}
