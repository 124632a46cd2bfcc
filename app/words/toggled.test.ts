import { expect, it } from 'vitest'
import { toggled } from './toggled'

it('puts in and takes out, and leaves the list it was given alone', () => {
  const list = ['a', 'b']
  expect([toggled(list, 'c'), toggled(list, 'a'), toggled([], 'a')]).toEqual([['a', 'b', 'c'], ['b'], ['a']])
  expect(list).toEqual(['a', 'b'])
})
