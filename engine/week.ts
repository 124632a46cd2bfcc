import { DomainError } from '../core/errors'
import {
  checkInstance, evaluatePlan, planWeek, type DoseBand, type PlannerDose, type PlannerItem, type PlannerSession,
  type PlannerVariation, type WeekInstance,
} from '../core/planner'
import { competitionDay, dayBefore, restBetweenHighDoses, weekRepeats } from '../core/rules'
import { highsSolver } from '../solver/highs'
import { known, list, number, object, oneOf, optionalNumber, text, type Input } from './input'

/** A number where nothing was said: no limit. */
const NO_LIMIT = 1_000_000

const textsOf = (input: Input, field: string, at = field): string[] | undefined => {
  const value = input[field]
  if (value === undefined) return undefined
  if (!Array.isArray(value) || !value.every(v => typeof v === 'string'))
    throw new DomainError(at, `${field} must be a list of words.`)
  return value as string[]
}
const numbersOf = (input: Input, field: string, at: string): Record<string, number> => {
  const given = object(input, field)
  for (const key of Object.keys(given)) number(given, key, `${at}.${key}`)
  return given as Record<string, number>
}
/** Doses written out, or the sets there are with what one set is. */
function dosesOf(input: Input, at: string): PlannerDose[] {
  if (input.doses !== undefined) {
    return list(input, 'doses').map((dose, i) => {
      known(dose, ['sets', 'seconds', 'demand', 'fatigue', 'cycles'], `${at}.doses.${i}`)
      return {
        sets: number(dose, 'sets', `${at}.doses.${i}.sets`),
        seconds: number(dose, 'seconds', `${at}.doses.${i}.seconds`),
        demand: numbersOf(dose, 'demand', `${at}.doses.${i}.demand`), fatigue: optionalNumber(dose, 'fatigue') ?? 0,
        cycles: optionalNumber(dose, 'cycles') ?? 0,
      }
    })
  }
  const sets = input.sets
  if (!Array.isArray(sets) || !sets.every(n => Number.isInteger(n)))
    throw new DomainError(`${at}.sets`, 'sets lists the numbers of sets there are to choose from; or give doses.')
  const one = object(input, 'perSet')
  known(one, ['seconds', 'demand', 'fatigue'], `${at}.perSet`)
  const demand = numbersOf(one, 'demand', `${at}.perSet.demand`)
  return (sets as number[]).map(n => ({
    sets: n, seconds: n * number(one, 'seconds', `${at}.perSet.seconds`),
    fatigue: n * (optionalNumber(one, 'fatigue') ?? 0),
    demand: Object.fromEntries(Object.entries(demand).map(([action, value]) => [action, n * value])),
  }))
}

function variationOf(input: Input, at: string): PlannerVariation {
  known(input, [
    'id', 'group', 'doses', 'sets', 'perSet', 'spineCost', 'planes', 'slots', 'ballistic', 'cost', 'slotCosts',
    'removed', 'not',
  ], at)
  const slots = textsOf(input, 'slots', `${at}.slots`)
  const removed = input.removed === undefined ? null : object(input, 'removed')
  return {
    id: text(input, 'id', `${at}.id`), doses: dosesOf(input, at), spineCost: optionalNumber(input, 'spineCost') ?? 0,
    planes: textsOf(input, 'planes', `${at}.planes`) ?? [], cost: optionalNumber(input, 'cost') ?? 0,
    slotCosts: numbersOf(input, 'slotCosts', `${at}.slotCosts`),
    ...(input.group === undefined ? {} : { group: text(input, 'group', `${at}.group`) }),
    ...(slots ? { slots } : {}),
    ...(removed
      ? {
        removed: {
          rule: text(removed, 'rule', `${at}.removed.rule`), text: typeof removed.text === 'string' ? removed.text : '',
        },
      }
      : {}),
    ...(input.not === undefined ? {} : {
      not: list(input, 'not').map((place, i) => ({
        session: text(place, 'session', `${at}.not.${i}.session`), slot: text(place, 'slot', `${at}.not.${i}.slot`),
        rule: text(place, 'rule', `${at}.not.${i}.rule`),
        text: typeof place.text === 'string' ? place.text : '',
      })),
    }),
  }
}

function sessionOf(input: Input, at: string): PlannerSession {
  known(input, ['id', 'day', 'kind', 'capS', 'workCapS', 'items', 'slots', 'lifts'], at)
  return {
    id: text(input, 'id', `${at}.id`), day: number(input, 'day', `${at}.day`),
    capS: optionalNumber(input, 'capS') ?? NO_LIMIT, items: optionalNumber(input, 'items') ?? NO_LIMIT,
    ...(input.workCapS === undefined ? {} : { workCapS: number(input, 'workCapS', `${at}.workCapS`) }),
    lifts: numbersOf(input, 'lifts', `${at}.lifts`),
    slots: input.slots === undefined ? [{ id: 'any' }] : list(input, 'slots').map((slot, i) => {
      known(slot, ['id', 'capS', 'items', 'fatigue', 'paired', 'activation'], `${at}.slots.${i}`)
      const limits = Object.fromEntries(
        (['capS', 'items', 'fatigue'] as const).flatMap(
          limit => (slot[limit] === undefined ? [] : [[limit, number(slot, limit, `${at}.slots.${i}.${limit}`)]])
        ),
      )
      return { id: text(slot, 'id', `${at}.slots.${i}.id`), ...limits, paired: slot.paired === true }
    }),
  }
}

type Kind = 'training' | 'dayBefore' | 'competition'

/**
 * Places that a kind of day takes away: on a competition day all of them, the day before all but activation and that
 * from fast work.
 */
function takenAway(sessions: readonly Input[], ballistic: boolean): NonNullable<PlannerVariation['not']> {
  return sessions.flatMap((session, i) => {
    const kind = session.kind === undefined
      ? 'training'
      : oneOf<Kind>(session, 'kind', ['training', 'dayBefore', 'competition'], `sessions.${i}.kind`)
    if (kind === 'training') return []
    const { says } = (kind === 'competition' ? competitionDay : dayBefore).value
    const slots = session.slots === undefined ? [{ id: 'any' }] : list(session, 'slots')
    return slots.filter((slot: Input) => kind === 'competition' || ballistic || slot.activation !== true)
      .map((slot: Input) => ({ session: String(session.id), slot: String(slot.id), rule: 'competition', text: says }))
  })
}

function itemsOf(input: Input, field: string, instance: Pick<WeekInstance, 'sessions'>): PlannerItem[] {
  return list(input, field).map((item, i) => {
    known(item, ['variation', 'session', 'slot', 'sets'], `${field}.${i}`)
    const session = text(item, 'session', `${field}.${i}.session`)
    const slots = instance.sessions.find(s => s.id === session)?.slots ?? []
    // Where a session has one place only it need not be named.
    const slot = item.slot === undefined && slots.length === 1 ? slots[0]!.id : text(item, 'slot', `${field}.${i}.slot`)
    return {
      variation: text(item, 'variation', `${field}.${i}.variation`), session, slot,
      sets: number(item, 'sets', `${field}.${i}.sets`),
    }
  })
}

const FIELDS = [
  'actions', 'bands', 'sessions', 'variations', 'limits', 'planes', 'resisting', 'previous', 'keep', 'penalties',
  'preference', 'locks', 'wallS',
]

function instanceOf(input: Input): WeekInstance {
  known(input, FIELDS, '')
  const sessions = list(input, 'sessions').map((s, i) => sessionOf(s, `sessions.${i}`))
  const variations = list(input, 'variations').map((v, i): PlannerVariation => {
    const variation = variationOf(v, `variations.${i}`)
    const not = [...(variation.not ?? []), ...takenAway(list(input, 'sessions'), v.ballistic === true)]
    return not.length > 0 ? { ...variation, not } : variation
  })
  const bands = Object.fromEntries(
    Object.entries(object(input, 'bands')).map(([action, band]): [string, DoseBand] => {
      if (typeof band !== 'object' || band === null || Array.isArray(band))
        throw new DomainError(`bands.${action}`, 'A band has low and high.')
      known(band as Input, ['low', 'high', 'weight', 'over'], `bands.${action}`)
      const given = band as Input
      const costs = Object.fromEntries(
        (['weight', 'over'] as const).flatMap(
          c => (given[c] === undefined ? [] : [[c, number(given, c, `bands.${action}.${c}`)]])
        ),
      )
      return [action, {
        low: number(given, 'low', `bands.${action}.low`), high: number(given, 'high', `bands.${action}.high`), ...costs,
      }]
    }),
  )
  const limits = {
    appearances: weekRepeats.value, restHours: restBetweenHighDoses.value.hours,
    ...numbersOf(input, 'limits', 'limits'),
  }
  known(limits, ['appearances', 'distinct', 'spineCost', 'cycles', 'highOver', 'restHours', 'groupPerWeek'], 'limits')
  const named = [
    ...Object.keys(bands),
    ...variations.flatMap(v => v.doses.flatMap(d => Object.keys(d.demand))),
    ...sessions.flatMap(s => Object.keys(s.lifts ?? {})),
  ]
  const resisting = textsOf(input, 'resisting')
  const previous = textsOf(input, 'previous')
  const locks = object(input, 'locks')
  known(locks, ['keep', 'never', 'only'], 'locks')
  const only = object(locks, 'only')
  const instance: WeekInstance = {
    actions: textsOf(input, 'actions') ?? [...new Set(named)], bands, sessions, variations, limits,
    planes: numbersOf(input, 'planes', 'planes'), penalties: numbersOf(input, 'penalties', 'penalties'),
    preference: numbersOf(input, 'preference', 'preference'), keep: optionalNumber(input, 'keep') ?? 0,
    ...(resisting ? { resisting } : {}), ...(previous ? { previous } : {}),
    locks: {
      keep: locks.keep === undefined ? [] : itemsOf(locks, 'keep', { sessions }), never: textsOf(locks, 'never') ?? [],
      only: Object.fromEntries(Object.keys(only).map(id => [id, textsOf(only, id, `locks.only.${id}`)!])),
    },
  }
  checkInstance(instance)
  return instance
}

/**
 * An instance in; the best plan, what it costs, how far that is proven, and what is to blame for what is wanting out.
 */
export async function week(input: Input): Promise<unknown> {
  const instance = instanceOf(input)
  const wallS = optionalNumber(input, 'wallS') ?? 10
  if (!(wallS > 0 && wallS <= 600)) throw new DomainError('wallS', 'From a moment to 600 seconds.')
  const { plan, evaluation, bound, proven, proof, walled, explanations, dropped } = planWeek(instance, {
    solver: await highsSolver(), wallS,
  })
  return {
    plan, goal: evaluation.goal, bound, proven, proof, walled, preference: evaluation.preference,
    doses: evaluation.doses, broken: evaluation.broken,
    relaxations: evaluation.relaxations.map((relaxation, i) => {
      const { kind, blame, minimal, droppedBy, says } = explanations[i]!
      return { ...relaxation, kind, blame, minimal, droppedBy, says }
    }),
    dropped,
  }
}

/** An instance and a plan in; every rule counted anew out. */
export function evaluate(input: Input): unknown {
  known(input, ['instance', 'plan'], '')
  const instance = instanceOf(object(input, 'instance'))
  return evaluatePlan(instance, itemsOf(input, 'plan', instance))
}
