import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { equipment } from './equipment'

it('asks for one of each kind of need', () => {
  const asked = (...at: ('band' | 'cable' | 'bench')[]) =>
    equipment.breaks(forDrill({ equipment: [['band', 'cable'], ['bench']] }, { equipment: at }))
  expect(asked('cable', 'bench')).toEqual([])
  expect(asked('cable')).toEqual(['Needs equipment that is not at hand: bench.'])
  expect(asked()).toHaveLength(2)
})
