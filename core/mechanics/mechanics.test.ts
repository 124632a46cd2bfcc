import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bodyOf, type BodySize } from '../anatomy'
import { LADDERS, VARIATIONS } from '../catalogue'
import { evaluate, evaluateBody, type Evaluation } from './evaluate'
import { ORDER_NOTES } from './ladderOrder'
import { POSE_LINKS, poseOf, settingsFor } from './links'
import { settingsOf } from './model'
import { findModel, leaning, MODELS } from './poses'
import { limb } from './poses/directions'
import { verticalReactions } from './reactions'
import { placed, type PoseSpec, type Skeleton } from './skeleton'
import { G, statics, type Contact } from './statics'
import { turned, type Vector } from './vector'

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

describe('the body (de Leva 1996, from memory)', () => {
  it('of 80 kg and 1.80 m has 40.216 kg above L4/L5, and its centre .0409 H above the mid hips', () => {
    const skeleton = placed(bodyOf(M), standing({ left: hanging, right: hanging }))
    const above = skeleton.masses.filter(m => m.aboveLumbar).reduce((sum, m) => sum + m.massKg, 0)
    expect(above).toBeCloseTo(40.216, 2)
    const com = skeleton.masses.reduce((sum, m) => sum + m.at[2] * m.massKg, 0) / 80
    expect(com / 1.8).toBeCloseTo(0.0409, 3)
  })

  it.each([['heightM', { ...M, heightM: 3 }], ['heightM', { ...M, heightM: NaN }], ['massKg', { ...M, massKg: 0 }]])(
    'refuses a wrong %s',
    (field, size) => {
      expect(() => bodyOf(size)).toThrow(expect.objectContaining({ field }))
    },
  )

  it('keeps its mass and the centre of each segment however it is cut', () => {
    fc.assert(fc.property(anySize, (size) => {
      const { masses } = placed(bodyOf(size), standing({ left: hanging, right: hanging }))
      expect(masses.reduce((sum, m) => sum + m.massKg, 0)).toBeCloseTo(size.massKg, 8)
    }), { seed: 41, numRuns: 60 })
  })
})

const anySize: fc.Arbitrary<BodySize> = fc.record({
  sex: fc.constantFrom('female' as const, 'male' as const), heightM: fc.double({ min: 1.5, max: 2.05, noNaN: true }),
  massKg: fc.double({ min: 45, max: 130, noNaN: true }),
})

describe('reactions of the ground', () => {
  it.each([
    [[[0, 0], [1, 0], [0, 1]], [0.25, 0.5], [25, 25, 50]],
    [[[1, 1], [1, -1], [-1, 1], [-1, -1]], [0.5, 0], [37.5, 37.5, 12.5, 12.5]],
    [[[0, 0], [1, 0]], [0.25, 0], [75, 25]],
  ] as const)('%j with 100 N at %j are %j (worked by hand)', (contacts, at, expected) => {
    const { reactionsN, balanced } = verticalReactions(contacts, 100, at)
    expect(balanced).toBe(true)
    reactionsN.forEach((n, i) => expect(n).toBeCloseTo(expected[i]!, 6))
  })

  it('say that nothing balances a load outside the support, and how much is missing', () => {
    expect(verticalReactions([[0, 0], [1, 0]], 100, [2, 0])).toMatchObject({ balanced: false, residualNm: 100 })
  })

  it('carry the load, never pull, and balance it wherever that can be done', () => {
    const place = fc.tuple(fc.double({ min: -2, max: 2, noNaN: true }), fc.double({ min: -2, max: 2, noNaN: true }))
    fc.assert(
      fc.property(
        fc.array(place, { minLength: 3, maxLength: 6 }),
        fc.array(fc.double({ min: 0.1, max: 1, noNaN: true }), { minLength: 6, maxLength: 6 }),
        (contacts, weights) => {
          // A point inside the contacts is a weighted mean of them.
          const sum = contacts.reduce((s, _, i) => s + weights[i]!, 0)
          const at = [0, 1].map(k => contacts.reduce((s, c, i) => s + c[k]! * weights[i]!, 0) / sum) as [number, number]
          const { reactionsN } = verticalReactions(contacts, 100, at)
          expect(reactionsN.reduce((a, b) =>
            a + b, 0)).toBeCloseTo(100, 6)
          expect(Math.min(...reactionsN)).toBeGreaterThan(-1e-6)
        },
      ),
      { seed: 42, numRuns: 300 },
    )
  })

  it.each([['contacts', [], 100], ['loadN', [[0, 0]], -5]] as const)('refuse wrong %s', (field, contacts, load) => {
    expect(() => verticalReactions(contacts as never, load, [0, 0])).toThrow(expect.objectContaining({ field }))
  })
})

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
      ['curl-up, arms by the side', 'curlUp', { armDeg: 0, liftDeg: 10 }, 47, 36, 0.07],
      ['hollow tuck', 'hollow', { hipDeg: 100, kneeDeg: 120 }, 34, 27, 0.04],
      ['hollow', 'hollow', {}, 91, 56, 0.02], ['hollow overhead', 'hollow', { armDeg: 180 }, 104, 68, 0.04],
      ['hollow, 4.5 kg', 'hollow', { armDeg: 180, loadKg: 4.5 }, 114, 82, 0.05],
      ['bench hollow', 'benchLegsOut', {}, 111, 71, 0.04], ['hanging knee raise', 'hangingRaise', {}, 76, 47, 0.09],
      ['hanging, legs straight', 'hangingRaise', { kneeDeg: 0 }, 99, 64, 0.06],
      ['L-hold', 'supportHold', {}, 108, 72, 0.07],
      ['lever tuck', 'frontLever', { hipDeg: 110, kneeDeg: 120 }, 46, 46, 0.02],
      ['lever straddle', 'frontLever', { straddleDeg: 35 }, 133, 100, 0.01],
      ['lever full', 'frontLever', {}, 152, 113, 0.01], ['one-arm press', 'oneArmPress', {}, 90, 76, 0.04],
      ['front-held squat', 'frontSquat', { barKg: 60 }, 233, 150, 0.08],
    ] as const,
  )('%s', (_, id, settings, male, female, within) => {
    const component = id === 'pressOut' ? 'transverseNm' : 'dominantNm'
    expect(Math.abs(Math.abs(of(id, M, settings)[component]) / male - 1)).toBeLessThan(within)
    expect(Math.abs(Math.abs(of(id, F, settings)[component]) / female - 1)).toBeLessThan(within)
  })
})

describe('share of body weight on the hands in a push-up (published, from memory)', () => {
  it.each([
    ['top (Ebben et al. 2011: .64; Gouvali & Boudolos 2005: .664)', 'handPlank', {}, 0.62, 0.67],
    ['knees (Gouvali & Boudolos 2005: .49-.536)', 'handPlankKnees', {}, 0.49, 0.56],
    ['hands raised 30 cm (Ebben: .55)', 'handPlank', { handsRaisedCm: 30 }, 0.52, 0.58],
    ['hands raised 61 cm (Ebben: .41)', 'handPlank', { handsRaisedCm: 61 }, 0.37, 0.43],
    ['feet raised 30 cm (Ebben: .70)', 'handPlank', { feetRaisedCm: 30 }, 0.68, 0.72],
    ['feet raised 61 cm (Ebben: .74)', 'handPlank', { feetRaisedCm: 61 }, 0.70, 0.76],
  ] as const)('%s', (_, id, settings, low, high) => {
    const { handsShare } = of(id, M, settings)
    expect(handsShare).toBeGreaterThan(low)
    expect(handsShare).toBeLessThan(high)
  })
})

describe('laws', () => {
  const models = fc.constantFrom(...MODELS)

  it('the two sides of the cut agree, the ground carries the weight, and a pose that is not in balance says so', () => {
    fc.assert(fc.property(models, anySize, (model, size) => {
      const result = evaluate(model, size, {})
      if (!result.balanced) {
        expect(result.residualNm).toBeGreaterThan(0.4)
        return
      }
      expect(result.residualNm).toBeLessThan(1e-5)
    }), { seed: 43, numRuns: 200 })
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

describe('the catalogue\'s poses', () => {
  it('are linked or say why not, every one', () => {
    expect(Object.keys(POSE_LINKS).sort()).toEqual(VARIATIONS.map(v => v.id).sort())
    for (const [id, link] of Object.entries(POSE_LINKS)) {
      if ('none' in link) expect(link.none.length, id).toBeGreaterThan(20)
      else {
        const model = findModel(link.model)!
        expect(model, id).toBeDefined()
        for (const name of [...link.open, ...Object.keys(link.set)])
          expect(model.settings, `${id} ${name}`).toHaveProperty(name)
      }
    }
  })

  const bodies: BodySize[] = [
    M, F, { sex: 'female', heightM: 1.5, massKg: 45 }, { sex: 'male', heightM: 1.5, massKg: 45 },
    { sex: 'male', heightM: 2.05, massKg: 130 }, { sex: 'female', heightM: 2.05, massKg: 130 },
    { sex: 'male', heightM: 1.9, massKg: 70 },
  ]
  const momentOf = (id: string, size: BodySize): number | null => {
    const link = poseOf({ id })
    if (!link) return null
    const model = findModel(link.model)!
    const result = evaluateBody(model, bodyOf(size), settingsOf(model.settings, settingsFor(link, size)))
    expect(result.balanced, `${id} ${size.heightM}`).toBe(true)
    return Math.abs(result.dominantNm)
  }

  it('rise along each ladder for bodies of 1.50-2.05 m and 45-130 kg, or the data say why not', () => {
    const noted = new Set(ORDER_NOTES.map(n => `${n.easier} > ${n.harder}`))
    const level = new Set<string>()
    for (const size of bodies) {
      for (const { rungs } of LADDERS) {
        let last: { id: string, nm: number } | null = null
        for (const { id } of rungs) {
          const nm = momentOf(id, size)
          if (nm === null) continue
          if (last && nm < last.nm)
            expect(noted, `${last.id} > ${id}: ${last.nm.toFixed(0)} to ${nm.toFixed(0)} N·m at ${size.heightM} m`)
              .toContain(`${last.id} > ${id}`)
          if (last && nm < last.nm * 1.1) level.add(`${last.id} > ${id}`)
          last = { id, nm }
        }
      }
    }
    // No note without need.
    expect([...noted].filter(pair => !level.has(pair))).toEqual([])
  })
})

describe('wrong settings', () => {
  it.each([
    ['elbowPlank', { loadKg: -1 }, 'loadKg'], ['elbowPlank', { nothing: 1 }, 'nothing'],
    ['pressOut', { bandN: NaN }, 'bandN'], ['rollout', { distanceCm: 190 }, 'distanceCm'],
    ['carry', { rightKg: '20' }, 'rightKg'],
  ])('%s %j names %s', (id, settings, field) => {
    expect(() => of(id, { ...F, heightM: 1.5 }, settings)).toThrow(expect.objectContaining({ field }))
  })
})

it('limbs point where their angles say', () => {
  expect(limb(upright, 90).map(v => Math.round(v * 1e9) / 1e9 + 0)).toEqual([1, 0, 0])
  expect(limb(leaning(90), 0).map(v => Math.round(v * 1e9) / 1e9 + 0)).toEqual([-1, 0, 0])
})
