import { expect, it } from 'vitest'
import { dayKindText } from './dayKindText'

const seasonDays = ['high', null, null, 'low', null, null, null] as const

it('lets a competition speak before the season, and the season before nothing', () => {
  const of = (day: number, competitionDays: number[]) => dayKindText(day, { competitionDays, seasonDays })
  expect([of(0, []), of(3, []), of(1, [])]).toEqual(['high day', 'low day', ''])
  expect([of(3, [4]), of(4, [4]), of(5, [4])]).toEqual([
    'day before: activation only', 'competition', 'day after: easy',
  ])
})
