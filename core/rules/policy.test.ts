import { expect, it } from 'vitest'
import { DEFAULT_POLICY } from '../policy'
import { forPlace, ruled } from '../testing/handMade'
import { policy } from './policy'

const bending = { shares: { flexion: 1 }, mode: 'dynamic' as const }

it('leaves out what the policy does, and only that', () => {
  const off = ruled({ policy: { ...DEFAULT_POLICY, flexion: 'off' } })
  expect(policy.breaks(forPlace(bending, { context: off }))).toHaveLength(1)
  expect(policy.breaks(forPlace({}, { context: off }))).toEqual([])
  expect(policy.breaks(forPlace(bending))).toEqual([])
})
