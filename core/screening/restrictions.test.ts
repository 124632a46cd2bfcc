import fc from 'fast-check'
import { expect, it } from 'vitest'
import { VARIATIONS } from '../catalogue'
import { anyScreen } from '../testing/arbitraries'
import { FLAGS } from './flags'
import { isAdmissible } from './admissible'
import { restrictionsOf } from './restrictions'

it('consequences without their diagnosis take away exactly the same drills', () => {
  fc.assert(fc.property(anyScreen, (screen) => {
    const anonymous = { ...screen, flags: restrictionsOf(screen.flags) }
    for (const variation of VARIATIONS) expect(isAdmissible(variation, anonymous)).toBe(isAdmissible(variation, screen))
  }), { seed: 31, numRuns: 150 })
})

it('no consequence names a flag', () => {
  const ids = restrictionsOf(Object.keys(FLAGS) as (keyof typeof FLAGS)[])
  expect(ids.filter(id => id in FLAGS)).toEqual([])
  expect(restrictionsOf(ids)).toEqual(ids)
})
