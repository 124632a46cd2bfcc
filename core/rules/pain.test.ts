import { expect, it } from 'vitest'
import type { DrillPain } from '../screening'
import { forDrill, kind } from '../testing/handMade'
import { pain } from './pain'

const hurt: DrillPain = {
  variationId: 'side-plank.feet',
  day: '2026-03-02',
  at: '2026-03-02T10:00:00Z',
  place: 'shoulders',
  times: 1,
  state: 'waits',
}
const own = kind()
const asked = (over: Partial<DrillPain>, variation = {}) =>
  pain.breaks(forDrill(variation, { pain: [{ ...hurt, ...over }] }))

it('keeps the drill itself and what is above it until somebody decides', () => {
  expect(asked({})[0]).toContain('waits for the coach')
  expect(asked({}, { id: 'side-plank.higher', rung: own.rung + 1 })[0]).toContain('no progress')
  expect(asked({}, { id: 'side-plank.lower', rung: own.rung - 1 })).toEqual([])
})

it('of the low back keeps away what tires the same action as much', () => {
  const other = { id: 'carries.like', ladder: 'carries', fatigue: own.fatigue }
  expect(asked({ place: 'lowBack' }, other)).toHaveLength(own.fatigue > 1 ? 1 : 0)
  expect(asked({ place: 'lowBack' }, { ...other, fatigue: 1 })).toEqual([])
  expect(asked({}, other)).toEqual([])
})

it('that was decided on leaves the others, and leaves the word to the lock where it came twice', () => {
  expect(asked({ state: 'leftOut' })).toHaveLength(1)
  expect(asked({ state: 'leftOut' }, { id: 'side-plank.higher', rung: own.rung + 1 })).toEqual([])
  expect(asked({ state: 'locked', times: 2 })).toEqual([])
})
