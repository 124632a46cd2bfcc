import { refuseUnless } from '../errors'
import type { SeasonInstance } from './instance'

/**
 * Refuses a season that cannot be planned, naming the field.
 *
 * @throws DomainError with the field that is wrong.
 * @example
 * checkSeason({ weeks: 1, phases: [{ id: 'base', least: 1, most: 4, start: null, volume: 20 }], competitions: [] }) // => undefined
 */
export function checkSeason(instance: SeasonInstance): void {
  const whole = (value: number, least: number, most: number): boolean =>
    Number.isInteger(value) && value >= least && value <= most
  refuseUnless(whole(instance.weeks, 1, 60), 'weeks', 'A season has 1 to 60 weeks.')
  refuseUnless(instance.phases.length >= 1 && instance.phases.length <= 12, 'phases', 'A season has 1 to 12 phases.')
  instance.phases.forEach((phase, i) => {
    refuseUnless(
      whole(phase.least, 0, 60) && whole(phase.most, phase.least, 60), `phases.${i}.least`,
      'A phase has a least and a most of whole weeks, the least not above the most.',
    )
    refuseUnless(
      phase.start === null || whole(phase.start, 0, 59), `phases.${i}.start`, 'A phase begins in a week from 0.',
    )
    refuseUnless(
      phase.notBefore === undefined || whole(phase.notBefore, 0, 60), `phases.${i}.notBefore`,
      'A phase opens in a week from 0.',
    )
    refuseUnless(phase.volume >= 0 && phase.volume <= 200, `phases.${i}.volume`, 'A week holds 0 to 200 units.')
  })
  refuseUnless(
    instance.deloadEvery === undefined || whole(instance.deloadEvery, 0, 60),
    'deloadEvery', 'A lighter week comes every 0 to 60 weeks.',
  )
  const lists = {
    matches: instance.matches, practices: instance.practices, closed: instance.closed, travel: instance.travel,
    school: instance.school,
    competitions: instance.competitions.map(c => c.day),
  }
  for (const [field, days] of Object.entries(lists))
    days?.forEach((day, i) =>
      refuseUnless(Number.isInteger(day), `${field}.${i}`, 'A day is a whole number from the first Monday.')
    )
  instance.hardDays?.forEach((day, i) => refuseUnless(whole(day, 0, 6), `hardDays.${i}`, 'Weekdays go from 0 to 6.'))
  instance.weekdays?.forEach((day, i) => refuseUnless(whole(day, 0, 6), `weekdays.${i}`, 'Weekdays go from 0 to 6.'))
}
