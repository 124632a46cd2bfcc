import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { TOP_RUNGS } from '../testing/topRungs'
import { EQUIPMENT, findVariation, STANDARD, VARIATIONS, type Equipment } from '../catalogue'
import { anyScreen } from '../testing/arbitraries'
import { admissibleSet, isAdmissible, removals } from './admissible'
import { FLAG_IDS, flagFacts, redFlags, type Screen } from '.'

const able: Screen = {
  flags: [],
  catalogue: STANDARD,
  equipment: Object.keys(EQUIPMENT) as Equipment[],
  braceStep: 7,
  rungs: TOP_RUNGS,
  ageYears: 25,
}

describe('the admissible set', () => {
  it('is the whole catalogue for an able athlete with everything at hand', () => {
    expect(admissibleSet(able)).toHaveLength(VARIATIONS.length)
  })

  it.each(FLAG_IDS.filter(id => flagFacts(id).kind === 'red'))('is empty under the red flag %s', (flag) => {
    expect(admissibleSet({ ...able, flags: [flag] })).toEqual([])
  })

  it('never holds what a flag, the equipment, the brace step or the rung forbids', () => {
    fc.assert(fc.property(anyScreen, (screen) => {
      for (const variation of admissibleSet(screen)) {
        expect(redFlags(screen.flags)).toEqual([])
        for (const id of screen.flags) {
          expect(variation.hazards.filter(h => flagFacts(id).removes.includes(h))).toEqual([])
          expect(variation.fatigue).toBeLessThanOrEqual(flagFacts(id).highestFatigue ?? 5)
        }
        expect(variation.equipment.every(need => need.some(e => screen.equipment.includes(e)))).toBe(true)
        expect(variation.braceStep).toBeLessThanOrEqual(screen.braceStep)
        expect(variation.rung).toBeLessThanOrEqual(screen.rungs[variation.branch] ?? 1)
        if ((screen.ageYears ?? 99) < 16) expect(variation.hazards).not.toContain('ballistic')
      }
    }), { seed: 11, numRuns: 300 })
  })

  it('only shrinks when a flag is added', () => {
    fc.assert(fc.property(anyScreen, fc.constantFrom(...FLAG_IDS), (screen, flag) => {
      const before = new Set(admissibleSet(screen).map(v => v.id))
      const after = admissibleSet({ ...screen, flags: [...new Set([...screen.flags, flag])] })
      expect(after.every(v => before.has(v.id))).toBe(true)
    }), { seed: 12 })
  })

  it('says for every drill it refuses which rule refused it', () => {
    fc.assert(fc.property(anyScreen, fc.constantFrom(...VARIATIONS), (screen, variation) => {
      const found = removals(variation, screen)
      expect(isAdmissible(variation, screen)).toBe(found.length === 0)
      expect(found.every(removal => removal.text.length > 10)).toBe(true)
    }), { seed: 13 })
  })

  it.each([
    ['backPainBending', 'flexion.crunch', 'flag'],
    ['backPainArching', 'posterior.prone-arm-leg', 'flag'],
    ['wrist', 'front-plank.hands', 'flag'],
    ['shoulder', 'flexion.hanging-knee-raise', 'flag'],
    ['pregnancy', 'dead-bug.heel-taps', 'flag'],
    ['osteoporosis', 'rotation.chop-standing', 'flag'],
    ['herniaSurgery', 'rotation.throw-to-wall', 'flag'],
    ['legPain', 'carries.suitcase', 'flag'],
  ] as const)('takes away under %s: %s', (flag, id, rule) => {
    expect(removals(findVariation(id)!, { ...able, flags: [flag] }).map(r => r.rule)).toContain(rule)
  })

  it('keeps elbows for a sore wrist and holds for a back that hurts on bending', () => {
    expect(isAdmissible(findVariation('front-plank.elbows')!, { ...able, flags: ['wrist'] })).toBe(true)
    expect(isAdmissible(findVariation('side-plank.feet')!, { ...able, flags: ['backPainBending'] })).toBe(true)
  })

  it('asks for the press-out before the band push in side plank', () => {
    const rungs = { ...able.rungs, 'press-out': 1 }
    expect(removals(findVariation('side-plank.band-push')!, { ...able, rungs }).map(r => r.rule)).toEqual([
      'prerequisite',
    ])
  })

  it('keeps an under-sixteen from fast and loaded bending work', () => {
    expect(removals(findVariation('rotation.ball-chop')!, { ...able, ageYears: 15 }).map(r => r.rule)).toEqual(['age'])
  })
})
