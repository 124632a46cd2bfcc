import { expect, it } from 'vitest'
import { able } from '../testing/handMade'
import { mayTrain } from './mayTrain'

const asked = (variationId: string) => ({
  variationId, dose: able.screen.catalogue.find(variationId)!.doses[0]!, breath: 'calm' as const,
})

it('lets an able athlete train what the catalogue holds, and nothing it does not', () => {
  expect(mayTrain(asked('side-plank.feet'), able.screen).stops).toEqual([])
  expect(mayTrain({ ...asked('side-plank.feet'), variationId: 'no.drill' }, able.screen).stops.length)
    .toBeGreaterThan(0)
})

it('stops for a red flag, whatever it is', () => {
  expect(mayTrain(asked('brace.low-breath'), { ...able.screen, flags: ['chestPain'] }).stops.length).toBeGreaterThan(0)
})
