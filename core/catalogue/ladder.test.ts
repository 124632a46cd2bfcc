import { expect, it } from 'vitest'
import { STANDARD, type Variation } from '.'
import { defineLadder } from './ladder'

it('numbers rungs from the ground, lets a rung say otherwise than its ladder, and adds what hazards follow', () => {
  const { id: _, ladder: __, rung: ___, ...shared } = STANDARD.find('side-plank.feet')!
  const ladder = defineLadder({ id: 'tall', name: 'Tall', aim: 'Stays tall.' }, { ...shared, hazards: [] }, [
    { key: 'low', name: 'Low' }, { key: 'high', name: 'High', mode: 'ballistic' },
  ])
  expect(ladder.rungs.map(({ id, rung, name }) => [id, rung, name])).toEqual(
    [['tall.low', 1, 'Low'], ['tall.high', 2, 'High']],
  )
  const hazards = (rung: Variation | undefined) => rung!.hazards.includes('ballistic')
  expect([hazards(ladder.rungs[0]), hazards(ladder.rungs[1])]).toEqual([false, true])
})
