import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { flag } from './flag'

const holds = (amount: number) => [{ sets: 2, amount, unit: 'seconds' as const, restS: 10 }]

it('names what it takes away', () => {
  expect(flag.breaks(forDrill({ hazards: ['wristLoad'] }, { flags: ['wrist'] }))[0]).toContain('bent wrists')
  expect(flag.breaks(forDrill({ hazards: [] }, { flags: ['wrist'] }))).toEqual([])
})

it('takes a hold away that has no dose short enough, and keeps one that has', () => {
  const of = (amount: number) =>
    flag.breaks(forDrill({ hazards: [], doses: holds(amount) }, { flags: ['backPainBending'] }))
  expect([of(10), of(11).length]).toEqual([[], 1])
})

it('keeps to the drills that were left to a person whose flags one may not see', () => {
  expect(flag.breaks(forDrill({}, { left: ['front-plank.elbows'] }))).toHaveLength(1)
  expect(flag.breaks(forDrill({}, { left: ['side-plank.feet'] }))).toEqual([])
})
