import { describe, expect, it } from 'vitest'
import type { SquadDay } from '~~/shared/types'
import { hoursOf, squadsToday, tickAt, timeAt } from './roomHours'

type Few = Partial<SquadDay['athletes'][number]>[]

const squad = (id: string, over: Few, startsAt: string | null = null): SquadDay => ({
  group: { id, name: id }, week: null, nextCompetition: null, notices: [],
  entries: startsAt ? [{ kind: 'practice', startsAt }] : [],
  athletes: over.map((one, i) => ({
    id: `${id}${i}`, name: `${id}${i}`, session: true, minutes: 60, drills: 3, logged: 0, weekPlanned: true,
    stopped: false, ...one,
  })),
} as unknown as SquadDay)
const hall = { id: 'h', name: 'Hall', people: 3, from: '16:00', to: '20:00' }

describe('rooms by the hour', () => {
  it('reads times and writes them', () => {
    expect(['00:00', '07:30', '16:05'].map(time => timeAt(tickAt(time)))).toEqual(['00:00', '07:30', '16:05'])
  })

  it('counts who trains, for as long as the longest session, from when their practice begins', () => {
    expect(squadsToday([
      squad('judo', [{}, { minutes: 75 }, { stopped: true, minutes: 90 }, { session: false }], '17:00'),
      squad('none', [{ session: false }]),
    ])).toEqual([{
      id: 'judo', name: 'judo', people: 2, minutes: 75, who: ['judo0', 'judo1'], usual: '17:00',
    }])
  })

  it('puts two squads one after the other where both do not fit, as near as can be to what they want', () => {
    const squads = squadsToday([squad('a', [{}, {}], '17:00'), squad('b', [{}, {}])])
    const found = hoursOf(squads, [hall], { b: '17:30' })
    expect(found.none).toEqual([])
    expect(found.given.map(one => [one.squad, timeAt(one.start)])).toEqual([['a', '17:00'], ['b', '18:00']])
    expect(hoursOf(squads, [{ ...hall, people: 4 }], { b: '17:30' }).away).toBe(0)
    expect(hoursOf(squads, [{ ...hall, people: 1 }], {}).none).toEqual(['a', 'b'])
  })
})
