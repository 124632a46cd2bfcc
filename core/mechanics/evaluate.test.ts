import { describe, expect, it } from 'vitest'
import { bodyOf, type BodySize } from '../anatomy'
import { evaluate, type Evaluation } from './evaluate'
import { findModel, leaning } from './poses'
import { placed, type PoseSpec } from './skeleton'
import { statics, type Contact } from './statics'
import type { Vector } from './vector'

const M: BodySize = { sex: 'male', heightM: 1.80, massKg: 80 }
const F: BodySize = { sex: 'female', heightM: 1.68, massKg: 62 }
const of = (id: string, size: BodySize, settings = {}): Evaluation => evaluate(findModel(id)!, size, settings)
const upright = leaning(0)
const down: Vector = [0, 0, -1]
const legs = { thigh: down, shank: down, foot: [1, 0, 0] as Vector }
const standing = (arms: PoseSpec['arms'], pelvis = upright): PoseSpec => ({
  pelvis, arms, legs: { left: legs, right: legs },
})
const hanging = { upper: down, fore: down, hand: down }

describe('reference values of our own prototype, male 1.80 m 80 kg', () => {
  it.each([[30, 63.71], [60, 110.35], [90, 127.42]])('standing, trunk leaning %i degrees, arms hanging', (lean, nm) => {
    const skeleton = placed(bodyOf(M), standing({ left: hanging, right: hanging }, leaning(lean)))
    const feet: Contact[] = [{ at: skeleton.joints.ballLeft, above: false, grips: true }]
    expect(statics(skeleton, feet, []).sagittalNm).toBeCloseTo(nm, 1)
  })

  it('elbow plank on the floor: hands share .6764, -121.03 N·m', () => {
    const result = of('elbowPlank', M)
    expect(result.handsShare).toBeCloseTo(0.6764, 4)
    expect(result.sagittalNm).toBeCloseTo(-121.03, 2)
  })

  it('suitcase of 16, 24, 32 kg, arm 8 degrees out', () => {
    for (const [kg, nm] of [[16, 42.23], [24, 63.34], [32, 84.45]])
      expect(of('carry', M, { rightKg: kg }).frontalNm).toBeCloseTo(nm!, 1)
  })

  it('press-out with 100 N to the left, extended: 22.95, -39.80, 61.38', () => {
    const { sagittalNm, frontalNm, transverseNm } = of('pressOut', M)
    expect([sagittalNm, frontalNm, transverseNm].map(v => Math.round(v * 100) / 100)).toEqual([22.95, -39.8, 61.38])
  })

  // Male, female, and how far our own poses may stand from the prototype's, which are not all written down.
  it.each(
    [
      ['elbow plank on the knees', 'elbowPlankKnees', {}, 61, 38, 0.02],
      ['elbow plank', 'elbowPlank', {}, 121, 79, 0.01],
      ['10 kg on the back', 'elbowPlank', { loadKg: 10 }, 137, 93, 0.01],
      ['20 kg on the back', 'elbowPlank', { loadKg: 20 }, 152, 107, 0.02],
      ['long lever', 'elbowPlank', { elbowReachCm: 20 }, 180, 126, 0.01],
      ['rollout 0.75 m', 'rollout', { distanceCm: 75 }, 53, 46, 0.06],
      ['rollout 1.00 m', 'rollout', { distanceCm: 100 }, 88, 69, 0.05],
      ['rollout full', 'rolloutFull', {}, 152, 103, 0.03],
      ['side plank on the knees', 'sidePlankKnees', {}, 75, 47, 0.06], ['side plank', 'sidePlank', {}, 116, 74, 0.02],
      ['side plank, 10 kg', 'sidePlank', { loadKg: 10 }, 141, 95, 0.02],
      ['press-out bent', 'pressOut', { reachPercent: 0 }, 29, 28, 0.08],
      ['press-out extended', 'pressOut', {}, 61, 56, 0.02],
      ['curl-up, arms overhead', 'curlUp', { armDeg: 180 }, 81, 58, 0.03],
      ['curl-up, 5 kg', 'curlUp', { armDeg: 180, loadKg: 5 }, 115, 89, 0.04],
      ['curl-up, arms by the side', 'curlUp', { armDeg: 0, liftDeg: 5 }, 47, 36, 0.04],
      ['dead bug, limbs up', 'deadBug', {}, 37, 24, 0.02],
      ['dead bug, reached out', 'deadBug', { reachPercent: 100 }, 71, 45, 0.02],
      ['hollow tuck', 'hollow', { hipDeg: 100, kneeDeg: 120 }, 34, 27, 0.04],
      ['hollow', 'hollow', {}, 91, 56, 0.02], ['hollow overhead', 'hollow', { armDeg: 180 }, 104, 68, 0.04],
      ['hollow, 4.5 kg', 'hollow', { armDeg: 180, loadKg: 4.5 }, 114, 82, 0.05],
      ['bench hollow', 'benchLegsOut', {}, 111, 71, 0.04], ['hanging knee raise', 'hangingRaise', {}, 76, 47, 0.03],
      ['hanging, legs straight', 'hangingRaise', { kneeDeg: 0 }, 99, 64, 0.05],
      ['L-hold', 'supportHold', {}, 108, 72, 0.06],
      ['lever tuck', 'frontLever', { hipDeg: 110, kneeDeg: 120 }, 46, 46, 0.02],
      ['lever straddle', 'frontLever', { straddleDeg: 35 }, 133, 100, 0.01],
      ['lever full', 'frontLever', {}, 152, 113, 0.01], ['one-arm press', 'oneArmPress', {}, 90, 76, 0.04],
      ['front-held squat', 'frontSquat', { barKg: 60 }, 233, 150, 0.03],
    ] as const,
  )('%s', (_, id, settings, male, female, within) => {
    const component = id === 'pressOut' ? 'transverseNm' : 'dominantNm'
    expect(Math.abs(Math.abs(of(id, M, settings)[component]) / male - 1)).toBeLessThan(within)
    expect(Math.abs(Math.abs(of(id, F, settings)[component]) / female - 1)).toBeLessThan(within)
  })
})
