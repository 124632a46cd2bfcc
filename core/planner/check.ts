import { DomainError } from '../errors'
import type { WeekInstance } from './instance'

const whole = (value: unknown): boolean =>
  typeof value === 'number' && Number.isInteger(value) && value >= 0 && value <= 1e6
const cost = (value: unknown): boolean => typeof value === 'number' && value >= 0 && value <= 1e4

/**
 * Refuses an instance that cannot be planned, naming the field.
 *
 * @throws DomainError with the path of the first thing that is wrong.
 * @example
 * checkInstance({ actions: ['AE'], bands: {}, sessions: [], variations: [], limits: {} }) // => undefined
 */
export function checkInstance(instance: WeekInstance): void {
  const wrong = (field: string, text: string): never => { throw new DomainError(field, text) }
  const must = (good: boolean, field: string, text: string): void => { if (!good) wrong(field, text) }
  const actions = new Set(instance.actions)
  must(actions.size === instance.actions.length, 'actions', 'Actions are named once each.')
  const demand = (given: Readonly<Record<string, number>>, at: string): void => {
    for (const [action, value] of Object.entries(given)) {
      must(actions.has(action), `${at}.${action}`, `There is no action ${action}.`)
      must(whole(value), `${at}.${action}`, 'A dose is a whole number, zero or more.')
    }
  }
  for (const [action, band] of Object.entries(instance.bands)) {
    must(actions.has(action), `bands.${action}`, `There is no action ${action}.`)
    must(
      whole(band.low) && whole(band.high) && band.low <= band.high, `bands.${action}`,
      'A band goes from a whole number up to another.',
    )
    must(cost(band.weight ?? 1) && cost(band.over ?? 1), `bands.${action}`, 'A cost is zero or more.')
  }
  const unique = (ids: readonly string[], field: string): Set<string> => {
    must(new Set(ids).size === ids.length, field, 'An id stands once.')
    return new Set(ids)
  }
  unique(instance.sessions.map(s => s.id), 'sessions')
  unique(instance.variations.map(v => v.id), 'variations')
  instance.sessions.forEach((session, i) => {
    const at = `sessions.${i}`
    must(Number.isInteger(session.day) && session.day >= 0 && session.day <= 6, `${at}.day`, 'Days go from 0 to 6.')
    must(whole(session.capS), `${at}.capS`, 'Whole seconds.')
    must(session.workCapS === undefined || whole(session.workCapS), `${at}.workCapS`, 'Whole seconds.')
    must(whole(session.items), `${at}.items`, 'A whole number of items.')
    unique(session.slots.map(s => s.id), `${at}.slots`)
    for (const slot of session.slots) {
      for (const limit of ['capS', 'items', 'fatigue'] as const)
        must(
          slot[limit] === undefined || whole(slot[limit]), `${at}.slots.${slot.id}.${limit}`,
          'A whole number, zero or more.',
        )
    }
    demand(session.lifts ?? {}, `${at}.lifts`)
  })
  instance.variations.forEach((variation, i) => {
    const at = `variations.${i}`
    must(whole(variation.spineCost), `${at}.spineCost`, 'A whole number, zero or more.')
    unique(variation.doses.map(d => String(d.sets)), `${at}.doses`)
    must(
      cost(variation.cost ?? 0) && Object.values(variation.slotCosts ?? {}).every(cost),
      `${at}.cost`, 'A cost is zero or more.',
    )
    variation.doses.forEach((dose, j) => {
      must(whole(dose.sets) && dose.sets > 0, `${at}.doses.${j}.sets`, 'Sets are a whole number from one.')
      must(
        whole(dose.seconds) && whole(dose.fatigue) && whole(dose.cycles ?? 0),
        `${at}.doses.${j}.seconds`, 'Seconds, fatigue and cycles are whole numbers.',
      )
      demand(dose.demand, `${at}.doses.${j}.demand`)
    })
  })
  for (const [name, limit] of Object.entries(instance.limits))
    must(limit === undefined || whole(limit), `limits.${name}`, 'A limit is a whole number, zero or more.')
  must(
    instance.limits.highOver === undefined || instance.limits.restHours !== undefined,
    'limits.restHours', 'High doses need the hours of rest between them.',
  )
  for (const action of instance.resisting ?? []) must(actions.has(action), 'resisting', `There is no action ${action}.`)
  for (const [plane, times] of Object.entries(instance.planes ?? {}))
    must(whole(times), `planes.${plane}`, 'A whole number of sessions.')
  instance.locks?.keep?.forEach((item, i) => {
    const variation = instance.variations.find(v => v.id === item.variation)
    const session = instance.sessions.find(s => s.id === item.session)
    must(variation !== undefined, `locks.keep.${i}.variation`, 'There is no such variation.')
    must(session !== undefined, `locks.keep.${i}.session`, 'There is no such session.')
    must(session!.slots.some(s => s.id === item.slot), `locks.keep.${i}.slot`, 'There is no such slot.')
    must(variation!.doses.some(d => d.sets === item.sets), `locks.keep.${i}.sets`, 'There is no such dose.')
  })
}
