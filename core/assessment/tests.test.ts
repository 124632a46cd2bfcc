import { describe, expect, it } from 'vitest'
import { BATTERIES, TEST_IDS, testFacts } from './tests'
import { findVariation } from '../catalogue'

describe('the tests of the desk', () => {
  it('speak for rungs there are, and are run in batteries of tests there are', () => {
    for (const id of TEST_IDS) {
      const { speaksFor } = testFacts(id)
      if (speaksFor) expect(findVariation(speaksFor), id).toBeDefined()
    }
    for (const { tests } of Object.values(BATTERIES)) for (const test of tests) expect(TEST_IDS).toContain(test)
  })
})
