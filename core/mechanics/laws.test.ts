import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bodyOf, type BodySize } from '../anatomy'
import { evaluate, type Evaluation } from './evaluate'
import { settingsOf } from './model'
import { findModel, MODELS } from './poses'
import type { Skeleton } from './skeleton'
import { G, statics } from './statics'
import { turned, type Vector } from './vector'

const M: BodySize = { sex: 'male', heightM: 1.80, massKg: 80 }
const of = (id: string, size: BodySize, settings = {}): Evaluation => evaluate(findModel(id)!, size, settings)
const anySize: fc.Arbitrary<BodySize> = fc.record({
  sex: fc.constantFrom('female' as const, 'male' as const), heightM: fc.double({ min: 1.5, max: 2.05, noNaN: true }),
  massKg: fc.double({ min: 45, max: 130, noNaN: true }),
})

describe('laws', () => {
  const models = fc.constantFrom(...MODELS)

  it('the two sides of the cut agree, and every pose stands in balance as it comes', () => {
    fc.assert(fc.property(models, anySize, (model, size) => {
      // As far as a tall body reaches no short one does: that pose names its distance instead.
      const settings = 'distanceCm' in model.settings ? { distanceCm: Math.round(size.heightM * 60) } : {}
      const result = evaluate(model, size, model.id === 'rolloutStanding' ? { distanceCm: 110 } : settings)
      expect([model.id, result.balanced]).toEqual([model.id, true])
      expect(result.residualNm).toBeLessThan(1e-5)
    }), { seed: 43, numRuns: 300 })
  })

  it('a pose that is out of balance says so, with what nothing holds up', () => {
    const { balanced, residualNm } = of('plankArmUp', M, { shiftPercent: 0 })
    expect([balanced, residualNm > 5]).toEqual([false, true])
  })

  it('more mass is more moment in proportion', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('elbowPlank', 'rollout', 'hollow', 'frontLever', 'hinge', 'sidePlank', 'supportHold'),
        anySize,
        (id, size) => {
          const lighter = { ...size, massKg: size.massKg * 0.6 }
          expect(of(id, size).dominantNm / of(id, lighter).dominantNm).toBeCloseTo(1 / 0.6, 6)
        },
      ),
      { seed: 44, numRuns: 60 },
    )
  })

  it('scaling all lengths scales the moment', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('elbowPlank', 'hollow', 'frontLever', 'hinge', 'sidePlank', 'rolloutFull'),
        fc.double({ min: 1.5, max: 1.7, noNaN: true }),
        (id, heightM) => {
          const one = { ...M, heightM }
          const settings = id === 'rolloutFull' ? [{ axleHeightCm: 10 }, { axleHeightCm: 12 }] : [{}, {}]
          expect(
            of(id, { ...one, heightM: heightM * 1.2 }, settings[1]).dominantNm / of(id, one, settings[0]).dominantNm,
          ).toBeCloseTo(1.2, 5)
        },
      ),
      { seed: 45, numRuns: 40 },
    )
  })

  it('a load adds in proportion', () => {
    for (
      const [id, name] of [['elbowPlank', 'loadKg'], ['sidePlank', 'loadKg'], ['carry', 'rightKg'], [
        'benchTrunkUp', 'loadKg',
      ]] as const
    ) {
      const at = (kg: number): number => of(id, M, { [name]: kg }).dominantNm
      expect(at(18) - at(12)).toBeCloseTo(at(12) - at(6), 6)
      expect(Math.abs(at(18) - at(12))).toBeGreaterThan(1)
    }
  })

  it('left for right flips what bends and what twists, and nothing else', () => {
    const [left, right] = [of('pressOut', M, { bandN: 80 }), of('pressOut', M, { bandN: -80 })]
    expect(left.sagittalNm).toBeCloseTo(right.sagittalNm, 8)
    expect(left.frontalNm).toBeCloseTo(-right.frontalNm, 8)
    expect(left.transverseNm).toBeCloseTo(-right.transverseNm, 8)
    expect(of('carry', M, { leftKg: 20 }).frontalNm).toBeCloseTo(-of('carry', M, { rightKg: 20 }).frontalNm, 8)
  })

  it('does not depend on which way the body faces', () => {
    const axis: Vector = [0, 0, 1]
    fc.assert(
      fc.property(
        fc.constantFrom('elbowPlank', 'rollout', 'pressOut', 'plankArmUp', 'hollow'),
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (id, yaw) => {
          const body = bodyOf(M)
          const model = findModel(id)!
          const held = model.hold(body, settingsOf(model.settings, {}))
          const spin = (v: Vector): Vector => turned(v, axis, yaw)
          const turnedSkeleton: Skeleton = {
            ...held.skeleton,
            joints: Object.fromEntries(
              Object.entries(held.skeleton.joints).map(([k, v]) => [k, spin(v)]),
            ) as Skeleton['joints'],
            masses: held.skeleton.masses.map(m => ({ ...m, at: spin(m.at) })),
            frame: { up: spin(held.skeleton.frame.up), front: spin(held.skeleton.frame.front) },
            thoraxFrame: { up: spin(held.skeleton.thoraxFrame.up), front: spin(held.skeleton.thoraxFrame.front) },
          }
          const options = held.resting ? { resting: held.resting } : {}
          const a = statics(held.skeleton, held.contacts, held.loads, options)
          const b = statics(
            turnedSkeleton,
            held.contacts.map(c => ({ ...c, at: spin(c.at), ...(c.along ? { along: spin(c.along) } : {}) })),
            held.loads.map(l => ({ ...l, at: spin(l.at), forceN: spin(l.forceN) })),
            options,
          )
          for (const key of ['sagittalNm', 'frontalNm', 'transverseNm', 'axialN'] as const) expect(b[key]).toBeCloseTo(
              a[key], 6,
            )
        },
      ),
      { seed: 46, numRuns: 60 },
    )
  })

  it('an elbow plank agrees with plain statics in two dimensions, written anew', () => {
    fc.assert(
      fc.property(anySize, fc.integer({ min: 0, max: 20 }), (size, reachCm) => {
        const body = bodyOf(size)
        const k =
          findModel('elbowPlank')!.hold(body, settingsOf(findModel('elbowPlank')!.settings, { elbowReachCm: reachCm }))
            .skeleton
        // Moments about the toes give the push on the forearms; moments about L4/L5 of all that is above follow.
        const toe = k.joints.ballLeft[0]
        const push = k.joints.elbowLeft[0] + 0.3 * body.lengthM.forearm
        const n = k.masses.reduce((sum, m) => sum + m.massKg * G * (m.at[0] - toe), 0) / (push - toe)
        const cut = k.joints.lumbar[0]
        const weights = k.masses.filter(m => m.aboveLumbar).reduce((sum, m) => sum + m.massKg * G * (m.at[0] - cut), 0)
        expect(of('elbowPlank', size, { elbowReachCm: reachCm }).sagittalNm).toBeCloseTo(weights - n * (push - cut), 6)
      }),
      { seed: 47, numRuns: 60 },
    )
  })
})
