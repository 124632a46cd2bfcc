import { expect, it } from 'vitest'
import { expandSets } from './expandSets'

const dose = { sets: 2, amount: 10, unit: 'seconds' as const, restS: 20 }
const told = (...of: Parameters<typeof expandSets>) =>
  expandSets(...of).map(({ setNumber, side, restAfter }) => `${setNumber}${side?.[0] ?? ''}${restAfter ? ' rest' : ''}`)

it('rests between sets and not after the last', () => {
  expect(told(dose, 'both', null)).toEqual(['1 rest', '2'])
})

it('does both sides before it rests, the side with an extra set first and last', () => {
  expect(told(dose, 'each', null)).toEqual(['1l', '1r rest', '2l', '2r'])
  expect(told(dose, 'each', 'right')).toEqual(['1r', '1l rest', '2r', '2l rest', '3r'])
})

it('knows no extra set of what has no sides', () => {
  expect(told(dose, 'both', 'left')).toEqual(['1 rest', '2'])
})
