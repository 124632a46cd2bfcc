import { describe, expect, it } from 'vitest'
import { findVariation } from '~~/core/catalogue'
import type { LastTime, TrunkItem } from '~~/core/programme'
import { item } from '~~/core/testing/fixtures'
import { reckon } from '~/words/reckon'
import { workAgainst } from './workAgainst'

const body = { sex: 'female', heightCm: 170, massKg: 65 } as const
const plank = findVariation('front-plank.elbows')!
const knees = findVariation('front-plank.knees')!
const loaded = findVariation('front-plank.weight-on-back')!
const breath = findVariation('brace.low-breath')!
const now = (variation = plank, seconds = 30, setting: TrunkItem['setting'] = {}) =>
  ({ variation, seconds, item: { ...item, variationId: variation.id, setting } })
const last = (variation = plank, seconds = 30, setting: LastTime['setting'] = {}, same = true) =>
  ({ day: 3, variationId: variation.id, seconds, same, setting, variation })

describe('a drill against the week before', () => {
  it('in the same drill goes by the seconds', () => {
    expect(workAgainst(now(plank, 40), last(plank, 30), 'Thu 19', body)).toBe('a third more than on Thu 19')
  })

  it('on another rung goes by moment x time, of which a longer easier hold may win', () => {
    const ratio = reckon(plank, body).nm / reckon(knees, body).nm
    expect(ratio).toBeGreaterThan(1.3)
    expect(workAgainst(now(plank, 30), last(knees, 30, {}, false), 'Thu 19', body)).toMatch(
      new RegExp(`(more|as much) .*${knees.name} on Thu 19, as moment × time$`),
    )
    expect(workAgainst(now(plank, 30), last(knees, 30 * ratio, {}, false), 'Thu 19', body)).toBe(
      `as much as ${knees.name} on Thu 19, as moment × time`,
    )
  })

  it('with more weight is more, at the same seconds', () => {
    expect(workAgainst(now(loaded, 30, { loadKg: 25 }), last(loaded, 30, { loadKg: 5 }), 'Thu 19', body)).toContain(
      'more than',
    )
  })

  it('without a moment leaves the seconds to the coach', () => {
    expect(workAgainst(now(plank, 30), last(breath, 45, {}, false), 'Thu 19', body)).toBe(
      `on Thu 19 it was ${breath.name}, 45 s`,
    )
  })
})
