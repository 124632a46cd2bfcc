import { describe, expect, it } from 'vitest'
import { day, drill, week } from '../testing/smallWeek'
import { columnsOf } from './columns'
import { talliesOf } from './tallies'

const instance = week({
  bands: { AE: { low: 30, high: 50 }, AL: { low: 5, high: 8, weight: 2, over: 3 } }, resisting: ['AE'],
  sessions: [day('mon', 0, { lifts: { AE: 10, AL: 20 } }), day('tue', 1), day('thu', 3)],
  variations: [
    drill('a', [1, 2], 60, { AE: 5 }, { group: 'front', planes: ['sagittal'] }),
    drill('b', [1], 60, { AL: 5 }, { group: 'front', planes: ['frontal'] }),
  ],
  planes: { sagittal: 2 }, previous: ['b'], limits: { highOver: 9, restHours: 48 },
})
const tallies = talliesOf(instance, columnsOf(instance).columns)
const placesOf = (id: string) => tallies.places.filter(p => p.column.variation.id === id)
const [a1, a2, aTuesday] = placesOf('a')
const [b1] = placesOf('b')

describe('tallies', () => {
  it('ask of drills what the lifts leave, and no less than nothing', () => {
    expect(tallies.actions.map(({ low, room, weight, over, sign, lifts }) => [low, room, weight, over, sign, lifts]))
      .toEqual([[20, 40, 1, 1, 1, 10], [-15, 0, 2, 3, -1, 20], [-Infinity, Infinity, 1, 1, -1, 0]])
  })

  it('tie a cell to those too near for two high doses, and a day to those that had better be further off', () => {
    const cells = tallies.actions[0]?.cells ?? []
    const at = (list: readonly (typeof cells)[number][]): number[] => list.map(cell => cells.indexOf(cell))
    expect(cells.map(cell => [at(cell.close), at(cell.near)])).toEqual([[[1], []], [[0], [2]], [[], []]])
  })

  it('count a drill in a session once for all its doses, and a ladder once for all its drills', () => {
    expect([a1?.here === a2?.here, a1?.variation === a2?.variation, a1?.slot === a2?.slot]).toEqual([true, true, true])
    expect([a1?.here === b1?.here, a1?.here === aTuesday?.here, a1?.slot === aTuesday?.slot])
      .toEqual([false, false, false])
    expect([a1?.group?.here === b1?.group?.here, a1?.group?.week === aTuesday?.group?.week]).toEqual([true, true])
  })

  it('know last week’s drills, and which planes are asked for', () => {
    expect([a1?.variation.known, b1?.variation.known]).toEqual([false, true])
    expect([a1?.planes.length, b1?.planes.length]).toEqual([1, 0])
  })

  it('load only what a dose gives', () => {
    expect(b1?.loads.map(l => [l.by, tallies.actions.indexOf(l.action)])).toEqual([[5, 1]])
    expect(tallies.actions.map(action => action.places.length)).toEqual([6, 3, 0])
  })
})
