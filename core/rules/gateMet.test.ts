import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { gateMet } from './gateMet'

it('opens the rung one stands on and those below', () => {
  const of = (rung: number) => gateMet.breaks(forDrill({ rung }, { rungs: { 'side-plank': 3 } })).length
  expect([of(2), of(3), of(4)]).toEqual([0, 0, 1])
  expect(gateMet.breaks(forDrill({ rung: 2 }, { rungs: {} }))[0]).toContain('stands on 1')
})
