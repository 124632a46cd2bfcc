import { describe, expect, it } from 'vitest'
import { findVariation, VARIATIONS } from '../../catalogue'
import { SPORT_CHARACTERS } from './characters'
import { SPORT_PROFILE_IDS } from './sportProfiles'
import { SPORT_WANT_IDS, SPORT_WANTS, type SportWantId } from './wants'

const meets = (want: SportWantId, id: string): boolean | undefined => SPORT_WANTS[want].meets?.(findVariation(id)!)

describe('what a week must hold', () => {
  it.each([
    ['onFeet', 'carries.suitcase', true], ['onFeet', 'side-plank.feet', false], ['carry', 'carries.front-held', true],
    ['turning', 'rotation.chop-standing', true], ['turning', 'press-out.standing', false],
    ['fast', 'rotation.throw-to-wall', true], ['fast', 'rotation.chop-standing', false],
    ['frontal', 'side-plank.feet', true], ['sagittal', 'front-plank.elbows', true],
    ['sagittal', 'brace.low-breath', false], ['onFeet', 'brace.without-hands', false],
    ['fullReach', 'flexion.hanging-leg-raise', true], ['fullReach', 'side-plank.feet', false],
  ] as const)('%s is met by %s: %s', (want, drill, yes) => {
    expect(meets(want, drill)).toBe(yes)
  })

  it('is never met by what loads nothing', () => {
    for (const variation of VARIATIONS.filter(v => v.kind !== undefined)) {
      for (const want of SPORT_WANT_IDS)
        expect(SPORT_WANTS[want].meets?.(variation) ?? false, `${want} by ${variation.id}`).toBe(false)
    }
  })

  it('can be met in every sport by several drills, so that a want never stands alone', () => {
    for (const sport of SPORT_PROFILE_IDS) {
      for (const id of SPORT_WANT_IDS) {
        const want = SPORT_WANTS[id]
        const { meets: by } = want
        if (!want.asks(SPORT_CHARACTERS[sport]) || !by) continue
        expect(VARIATIONS.filter(by).length, `${sport} ${id}`).toBeGreaterThanOrEqual(5)
      }
    }
  })
})
