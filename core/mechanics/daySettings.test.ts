import { describe, expect, it } from 'vitest'
import { VARIATIONS } from '../catalogue'
import { daySettings } from './daySettings'
import { poseOf } from './links'

const body = { heightM: 1.8 }
const of = (id: string, day: object) => daySettings({ id }, body, day as Record<string, unknown>)

/** The band pulls the hands apart: nothing of it reaches the trunk. */
const BESIDE_THE_TRUNK = ['rollout.band-outwards']

describe('the settings of a day as a pose knows them', () => {
  it('have a load in whatever hand, bar or ball the pose holds it, all in proportion', () => {
    expect(of('carries.suitcase', { loadKg: 40 })).toEqual({ rightKg: 40 })
    expect(of('carries.two-hand', { loadKg: 30 })).toEqual({ rightKg: 30, leftKg: 30 })
    expect(of('carries.mixed', { loadKg: 32 })).toEqual({ leftKg: 32, rackRightKg: 16 })
    expect(of('side-plank.weight-on-hip', { loadKg: 15 })).toEqual({ loadKg: 15 })
  })

  it('take what has its name, and leave what the pose does not know', () => {
    expect(of('press-out.standing', { bandN: 120, stance: 'narrow', heightCm: 90 })).toEqual({ bandN: 120 })
    expect(of('carries.suitcase', { rightKg: 20, loadKg: 40 })).toEqual({ rightKg: 20 })
    expect(of('brace.low-breath', { loadKg: 40 })).toEqual({})
  })

  it('change the moment of every posed drill that takes a load or a band', () => {
    const deaf = VARIATIONS.filter(v => poseOf(v) && v.kind === undefined).filter(v =>
      (v.settings.includes('loadKg') && Object.keys(daySettings(v, body, { loadKg: 10 })).length === 0)
      || (v.settings.includes('bandN') && Object.keys(daySettings(v, body, { bandN: 80 })).length === 0))
    expect(deaf.map(v => v.id)).toEqual(BESIDE_THE_TRUNK)
  })
})
