import { describe, expect, it } from 'vitest'
import { findVariation, VARIATIONS } from '../../catalogue'
import { FAULT_IDS, faultsInOrder, TYPICAL_FAULTS } from './typicalFaults'

describe('typical faults', () => {
  it.each(FAULT_IDS)('%s is seen in three drills or more', (id) => {
    const seen = VARIATIONS.filter(v => v.faults.some(({ see }) => TYPICAL_FAULTS[id].see.test(see)))
    expect(seen.length).toBeGreaterThanOrEqual(3)
  })

  it('put the sport’s own first and lose none', () => {
    const { faults } = findVariation('carries.suitcase')!
    expect(faultsInOrder(faults, ['neck']).map(f => f.see)).toEqual(['Shrugs', 'Leans away'])
    expect(faultsInOrder(faults, ['leans', 'neck'])).toEqual(faults)
    for (const variation of VARIATIONS)
      expect(new Set(faultsInOrder(variation.faults, ['turns', 'breath']))).toEqual(new Set(variation.faults))
  })
})
