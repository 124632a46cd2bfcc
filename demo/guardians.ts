import { addDays } from '~~/core/calendar'
import type { Guardian } from '~~/shared/types'
import type { DemoAthlete, DemoCentre } from './centre'

/** Who answers for an athlete under age: with a consent, and every coach of the squad named to read health answers. */
export function demoGuardian(
  { people, groups }: DemoCentre, { input }: DemoAthlete, today: string, idOf: (email: string) => string,
): Guardian {
  const squads = groups.filter(({ id }) => input.groupIds.includes(id)).map(({ name }) => name)
  const coaches = people.filter(person => person.role === 'coach'
    && (person.groups === 'all' || person.groups.some(name => squads.includes(name))))
  return {
    version: 0, name: `Somebody ${input.name.split(' ').at(-1)!}`, contact: '+00 00 11 22',
    consentOn: addDays(today, -40), coaches: coaches.map(({ email }) => idOf(email)),
  }
}
