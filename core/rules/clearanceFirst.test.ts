import { expect, it } from 'vitest'
import { UNTIL_CLEARED } from '../screening/flags'
import { forDrill } from '../testing/handMade'
import { clearanceFirst } from './clearanceFirst'

it('leaves the short list open, and nothing else', () => {
  const flags = ['pregnancy' as const]
  for (const id of UNTIL_CLEARED) expect(clearanceFirst.breaks(forDrill({ id }, { flags })), id).toEqual([])
  expect(clearanceFirst.breaks(forDrill({}, { flags }))).toHaveLength(1)
  expect(clearanceFirst.breaks(forDrill({}, { flags: ['wrist'] }))).toEqual([])
})
