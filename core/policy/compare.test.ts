import { expect, it } from 'vitest'
import { DEFAULT_POLICY, policyChanges, SCHOOL_IDS } from '.'
import { schoolPolicy } from './compare'
import { SCHOOL_LINES } from './schools'

it('a school is the usual policy but for what it says', () => {
  expect(schoolPolicy(null)).toEqual(DEFAULT_POLICY)
  for (const school of SCHOOL_IDS) {
    const changes = policyChanges(DEFAULT_POLICY, schoolPolicy(school))
    expect(changes.length, school).toBeGreaterThan(0)
    for (const { line, to } of changes) expect(SCHOOL_LINES[school][line]).toBe(to)
  }
})

it('there and back are the same lines', () => {
  const [there, back] = [
    policyChanges(schoolPolicy('bodyLine'), schoolPolicy('highTension')),
    policyChanges(schoolPolicy('highTension'), schoolPolicy('bodyLine')),
  ]
  expect(back).toEqual(there.map(({ line, from, to }) => ({ line, from: to, to: from })))
  expect(policyChanges(DEFAULT_POLICY, DEFAULT_POLICY)).toEqual([])
})
