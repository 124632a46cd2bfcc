import { expect, it } from 'vitest'
import { chanceFrom } from './chanceFrom'

it('is the same for the same seed, lies from 0 up to 1, and falls evenly', () => {
  const [one, same] = [chanceFrom(3), chanceFrom(3)]
  const drawn = Array.from({ length: 10_000 }, () => one())
  expect(drawn.slice(0, 50)).toEqual(Array.from({ length: 50 }, () => same()))
  expect(drawn.every(n => n >= 0 && n < 1)).toBe(true)
  // Ten bins of 1,000 each, a standard deviation of 30: five of them on either side.
  const bins = Array.from({ length: 10 }, (_, i) => drawn.filter(n => Math.floor(n * 10) === i).length)
  expect(bins.every(n => Math.abs(n - 1000) < 150)).toBe(true)
})
