import { describe, expect, it } from 'vitest'
import { findVariation } from '../../catalogue'
import { context, session } from '../../testing/fixtures'
import { warmUpFor } from './warmUp'

describe('warm-up', () => {
  it('gives only what is open, and nothing to lie on for one who may not lie', () => {
    const lines = warmUpFor(session, { ...context, screen: { ...context.screen, flags: ['pregnancy'] } })
    for (const { variationId } of lines)
      if (variationId) expect(findVariation(variationId)!.hazards).not.toContain('supine')
  })
})
