import { expect, it } from 'vitest'
import { leaning } from './poses'
import { limb } from './poses/directions'

const upright = leaning(0)

it('limbs point where their angles say', () => {
  expect(limb(upright, 90).map(v => Math.round(v * 1e9) / 1e9 + 0)).toEqual([1, 0, 0])
  expect(limb(leaning(90), 0).map(v => Math.round(v * 1e9) / 1e9 + 0)).toEqual([-1, 0, 0])
})
