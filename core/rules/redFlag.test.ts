import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { redFlag } from './redFlag'

it('says each flag that stops, and none that does not', () => {
  expect(redFlag.breaks(forDrill({}, { flags: ['chestPain', 'saddleNumbness', 'wrist'] }))).toHaveLength(2)
  expect(redFlag.breaks(forDrill({}, { flags: ['wrist'] }))).toEqual([])
})
