import { describe, expect, it } from 'vitest'
import { findVariation, MEASURED_IDS, publishedCompression } from '.'

describe('published compression', () => {
  it('belongs to variations that exist, and names where it was measured', () => {
    expect(MEASURED_IDS.length).toBeGreaterThan(0)
    for (const id of MEASURED_IDS) {
      expect(findVariation(id), id).toBeDefined()
      expect(publishedCompression(id)!.source, id).toMatch(/ \d{4}$/)
    }
  })

  it('is not belittled by our own class of cost to the spine', () => {
    for (const id of MEASURED_IDS.filter(known => publishedCompression(known)!.class === 'high'))
      expect(findVariation(id)!.spineCost, id).toBeGreaterThanOrEqual(2)
  })

  // Axler & McGill 1997 (from memory): bent legs pressed more than straight ones in the hang, the curl-up least of all.
  it('keeps the order that was measured, also where it surprises', () => {
    expect(publishedCompression('flexion.hanging-knee-raise')!.class).toBe('high')
    expect(publishedCompression('flexion.hanging-leg-raise')!.class).toBe('moderate')
    expect(publishedCompression('flexion.curl-up')!.class).toBe('low')
    expect(publishedCompression('no such drill')).toBeNull()
  })
})
