import { expect, it } from 'vitest'
import { STANDARD } from '../catalogue'
import { DEFAULT_POLICY } from '.'
import { policyNotes } from './notes'

const supine = { ...STANDARD.find('dead-bug.hand-to-opposite-knee')!, posture: 'supine' as const }

it('speaks of the low back to somebody who lies on it, where the policy asks for it', () => {
  const notes = (lowBack: 'flat' | 'drill') => policyNotes(supine, { ...DEFAULT_POLICY, lowBack }).join()
  expect(notes('flat')).toContain('pressed flat')
  expect(notes('drill')).toBe('')
  expect(policyNotes({ ...supine, posture: 'standing' }, { ...DEFAULT_POLICY, lowBack: 'flat' })).toEqual([])
})

it('lets nobody draw in under load', () => {
  const policy = { ...DEFAULT_POLICY, cue: 'drawIn' as const, lowBack: 'drill' as const }
  expect(policyNotes({ ...supine, fatigue: 1, settings: [] }, policy)).toHaveLength(1)
  expect(policyNotes({ ...supine, fatigue: 1, settings: ['loadKg'] }, policy)).toEqual([])
  expect(policyNotes({ ...supine, fatigue: 2, settings: [] }, policy)).toEqual([])
})
