import fc from 'fast-check'
import { expect, it } from 'vitest'
import { doneSessions } from '../testing/doneSessions'
import { drillSessions } from '.'

const ID = 'side-plank.feet'
const dose = { sets: 2, amount: 30, unit: 'seconds' as const, restS: 30 }
const of = (sets: Parameters<typeof doneSessions>[1][number]['sets'] = {}) => {
  const { prescribed, logs } = doneSessions(ID, [{ day: '2026-03-03', dose, sets }])
  return drillSessions(ID, prescribed, logs)[0]!
}

it('tells what was short, broke and hurt, against what was planned', () => {
  expect(of()).toMatchObject({
    planned: 30, least: 30, short: false, broke: false, heldPart: 1, hurt: false, effort: 7,
  })
  expect(of({ amount: 24, breakPoint: 'trunk' })).toMatchObject({ least: 24, short: true, broke: true, heldPart: 0.8 })
  // Broken past what was planned, nothing of it was lost.
  expect(of({ amount: 40, breakPoint: 'trunk' })).toMatchObject({ short: false, broke: true, heldPart: 1 })
  expect(of({ painAt: 'lowBack' }).hurt).toBe(true)
  expect(of({ breakPoint: 'pain' }).hurt).toBe(true)
  expect(of({ effort: null }).effort).toBeNull()
})

it('takes what nobody planned as it was done, and other drills for nothing', () => {
  const { logs } = doneSessions(ID, [{ day: '2026-03-03', dose }])
  expect(drillSessions(ID, [], logs)[0]).toMatchObject({ planned: 30, short: false })
  expect(drillSessions('rollout.barbell', [], logs)).toEqual([])
})

it('goes by days, whatever the order of the sets', () => {
  const { prescribed, logs } = doneSessions(ID, ['2026-03-01', '2026-03-03', '2026-03-05'].map(day => ({ day, dose })))
  fc.assert(fc.property(fc.shuffledSubarray(logs, { minLength: logs.length }), (shuffled) => {
    const found = drillSessions(ID, prescribed, shuffled)
    expect(found).toEqual(drillSessions(ID, prescribed, logs))
    expect(found.map(session => session.day)).toEqual(['2026-03-01', '2026-03-03', '2026-03-05'])
  }), { seed: 4, numRuns: 20 })
})
