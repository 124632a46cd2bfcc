import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { braceStep } from './braceStep'

it('opens a drill on its own step', () => {
  expect(braceStep.breaks(forDrill({ braceStep: 4 }, { braceStep: 4 }))).toEqual([])
  expect(braceStep.breaks(forDrill({ braceStep: 5 }, { braceStep: 4 }))[0]).toContain('5 comes first (now 4)')
})
