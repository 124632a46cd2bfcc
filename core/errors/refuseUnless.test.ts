import { describe, expect, it } from 'vitest'
import { refuseUnless } from './refuseUnless'

describe('refusing', () => {
  it('lets pass what holds, and names the field of what does not', () => {
    expect(() => {
      refuseUnless(true, 'weeks', 'Too many.')
    }).not.toThrow()
    expect(() => {
      refuseUnless(false, 'weeks', 'Too many.')
    })
      .toThrow(expect.objectContaining({ field: 'weeks', message: 'Too many.' }))
  })
})
