import { refuseUnless } from '../errors'
import type { PlannerDose, PlannerSession, PlannerVariation, WeekInstance } from './instance'

const isWhole = (value: unknown): boolean =>
  typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= 1e6
const isWholeOrNone = (value: unknown): boolean => value === undefined || isWhole(value)
const isCost = (value: unknown): boolean => typeof value === 'number' && value >= 0 && value <= 1e4

function mustBeUnique(ids: readonly string[], field: string): void {
  refuseUnless(new Set(ids).size === ids.length, field, 'An id stands once.')
}

/**
 * Refuses an instance that cannot be planned, naming the field.
 *
 * @throws DomainError with the path of the first thing that is wrong.
 * @example
 * checkInstance({ actions: ['AE'], bands: {}, sessions: [], variations: [], limits: {} }) // => undefined
 */
export function checkInstance(instance: WeekInstance): void {
  const actions = new Set(instance.actions)
  refuseUnless(actions.size === instance.actions.length, 'actions', 'Actions are named once each.')
  checkBands(instance, actions)
  mustBeUnique(instance.sessions.map(s => s.id), 'sessions')
  mustBeUnique(instance.variations.map(v => v.id), 'variations')
  instance.sessions.forEach((session, i) => {
    checkSession(session, `sessions.${i}`, actions)
  })
  instance.variations.forEach((variation, i) => {
    checkVariation(variation, `variations.${i}`, actions)
  })
  checkLimits(instance, actions)
  instance.locks?.keep?.forEach((item, i) => {
    const at = `locks.keep.${i}`
    const variation = instance.variations.find(v => v.id === item.variation)
    const session = instance.sessions.find(s => s.id === item.session)
    refuseUnless(variation !== undefined, `${at}.variation`, 'There is no such variation.')
    refuseUnless(session !== undefined, `${at}.session`, 'There is no such session.')
    refuseUnless(session?.slots.some(s => s.id === item.slot) ?? false, `${at}.slot`, 'There is no such slot.')
    refuseUnless(variation?.doses.some(d => d.sets === item.sets) ?? false, `${at}.sets`, 'There is no such dose.')
  })
}

type Actions = ReadonlySet<string>

function checkDemand(demand: Readonly<Record<string, number>>, at: string, actions: Actions): void {
  for (const [action, value] of Object.entries(demand)) {
    refuseUnless(actions.has(action), `${at}.${action}`, `There is no action ${action}.`)
    refuseUnless(isWhole(value), `${at}.${action}`, 'A dose is a whole number, zero or more.')
  }
}

function checkBands({ bands }: WeekInstance, actions: Actions): void {
  for (const [action, { low, high, weight = 1, over = 1 }] of Object.entries(bands)) {
    const at = `bands.${action}`
    refuseUnless(actions.has(action), at, `There is no action ${action}.`)
    refuseUnless(isWhole(low) && isWhole(high) && low <= high, at, 'A band goes from a whole number up to another.')
    refuseUnless(isCost(weight) && isCost(over), at, 'A cost is zero or more.')
  }
}

function checkSession(session: PlannerSession, at: string, actions: Actions): void {
  refuseUnless(
    Number.isInteger(session.day) && session.day >= 0 && session.day <= 6,
    `${at}.day`, 'Days go from 0 to 6.',
  )
  refuseUnless(isWhole(session.capS), `${at}.capS`, 'Whole seconds.')
  refuseUnless(isWholeOrNone(session.workCapS), `${at}.workCapS`, 'Whole seconds.')
  refuseUnless(isWhole(session.items), `${at}.items`, 'A whole number of items.')
  mustBeUnique(session.slots.map(s => s.id), `${at}.slots`)
  for (const slot of session.slots) {
    for (const limit of ['capS', 'items', 'fatigue'] as const)
      refuseUnless(isWholeOrNone(slot[limit]), `${at}.slots.${slot.id}.${limit}`, 'A whole number, zero or more.')
  }
  checkDemand(session.lifts ?? {}, `${at}.lifts`, actions)
}

function checkVariation(variation: PlannerVariation, at: string, actions: Actions): void {
  refuseUnless(isWhole(variation.spineCost), `${at}.spineCost`, 'A whole number, zero or more.')
  mustBeUnique(variation.doses.map(d => String(d.sets)), `${at}.doses`)
  const costs = [variation.cost ?? 0, ...Object.values(variation.slotCosts ?? {})]
  refuseUnless(costs.every(isCost), `${at}.cost`, 'A cost is zero or more.')
  variation.doses.forEach((dose, j) => {
    checkDose(dose, `${at}.doses.${j}`, actions)
  })
}

function checkDose({ sets, seconds, fatigue, cycles = 0, demand }: PlannerDose, at: string, actions: Actions): void {
  refuseUnless(isWhole(sets) && sets > 0, `${at}.sets`, 'Sets are a whole number from one.')
  refuseUnless(
    [seconds, fatigue, cycles].every(isWhole), `${at}.seconds`, 'Seconds, fatigue and cycles are whole numbers.',
  )
  checkDemand(demand, `${at}.demand`, actions)
}

function checkLimits({ limits, resisting = [], planes = {} }: WeekInstance, actions: Actions): void {
  for (const [name, limit] of Object.entries(limits))
    refuseUnless(isWholeOrNone(limit), `limits.${name}`, 'A limit is a whole number, zero or more.')
  refuseUnless(
    limits.highOver === undefined || limits.restHours !== undefined, 'limits.restHours',
    'High doses need the hours of rest between them.',
  )
  for (const action of resisting) refuseUnless(actions.has(action), 'resisting', `There is no action ${action}.`)
  for (const [plane, times] of Object.entries(planes))
    refuseUnless(isWhole(times), `planes.${plane}`, 'A whole number of sessions.')
}
