import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { catalogueWith, MODES, POSTURES, VARIATIONS, type Mode, type Posture, type Variation } from '.'
import { impliedHazards } from './hazards'
import { FLAG_IDS, flagFacts, removals } from '../screening'
import { context } from '../testing/fixtures'


describe('hazards that follow from what a drill is', () => {
  it('stand in the standard catalogue too, without an exception', () => {
    const missing = VARIATIONS.flatMap(v =>
      impliedHazards(v).filter(hazard => !v.hazards.includes(hazard)).map(hazard => `${v.id} ${hazard}`)
    )
    expect(missing).toEqual([])
  })

  it('keep an own drill from whoever must avoid them, whatever its author ticked', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VARIATIONS), fc.constantFrom(...Object.keys(POSTURES) as Posture[]),
        fc.constantFrom(...Object.keys(MODES) as Mode[]), fc.constantFrom(...FLAG_IDS),
        (from, posture, mode, flag) => {
          const bare: Variation = {
            ...from, id: `${from.ladder}.own-x`, name: 'Bare of cautions', posture, mode, hazards: [],
          }
          const catalogue = catalogueWith({ ladders: [], variations: [bare] })
          const drill = catalogue.find(bare.id)!
          const found = removals(drill, { ...context.screen, catalogue, flags: [flag] })
          const taken = impliedHazards(bare).some(hazard => flagFacts(flag).removes.includes(hazard))
          if (taken) expect(found.map(r => r.rule)).toContain('flag')
        },
      ),
      { seed: 11, numRuns: 400 },
    )
  })
})
