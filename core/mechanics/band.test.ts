import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bandLaw, bandTension } from './band'
import { compare, shownNm } from './compare'
import { nearTo } from './harder'
import { bodyOf } from '../anatomy'
import { rememberingEvaluator } from './cache'
import { evaluate } from './evaluate'
import { MODELS } from './poses'

const readings = [{ lengthM: 1.5, forceN: 50 }, { lengthM: 2.5, forceN: 100 }]

describe('a band of two readings', () => {
  it('follows a power law: 50 N at .5 and 100 N at 1.5 give q .631 and 77.4 N at 1.0 (by hand: ln 2 / ln 3)', () => {
    const law = bandLaw(1, readings)
    expect(law.q).toBeCloseTo(Math.log(2) / Math.log(3), 10)
    expect(bandTension(law, 2).forceN).toBeCloseTo(77.4, 1)
  })

  it('gives back its readings, rises with length, and doubles when doubled at the same strain', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 2, noNaN: true }), fc.double({ min: 0.3, max: 0.8, noNaN: true }),
        fc.double({ min: 1.2, max: 2, noNaN: true }), fc.double({ min: 10, max: 100, noNaN: true }),
        fc.double({ min: 1.2, max: 3, noNaN: true }),
        (slackM, e1, e2, forceN, factor) => {
          const law = bandLaw(slackM, [{ lengthM: slackM * (1 + e1), forceN }, {
            lengthM: slackM * (1 + e2), forceN: forceN * factor,
          }])
          expect(bandTension(law, slackM * (1 + e1)).forceN).toBeCloseTo(forceN, 6)
          expect(bandTension(law, slackM * (1 + e2)).forceN).toBeCloseTo(forceN * factor, 6)
          expect(bandTension(law, slackM * 1.9).forceN).toBeGreaterThan(bandTension(law, slackM * 1.8).forceN)
          expect(bandTension(law, slackM, true).forceN).toBeCloseTo(2 * bandTension(law, slackM * 2).forceN, 6)
        },
      ),
      { seed: 51, numRuns: 100 },
    )
  })

  it('warns far from its readings and when it is slack', () => {
    const law = bandLaw(1, readings)
    expect(bandTension(law, 2).warnings).toEqual([])
    expect(bandTension(law, 1.1).warnings).toHaveLength(1)
    expect(bandTension(law, 4.2).warnings[0]).toContain('may fail')
    expect(bandTension(law, 0.9)).toEqual({ forceN: 0, warnings: ['The band is slack.'] })
  })

  it.each([
    ['slackM', 0, readings], ['lengthM', 2, readings], ['forceN', 1, [{ lengthM: 1.5, forceN: -5 }, readings[1]!]],
    ['readings', 1, [readings[0]!]],
    ['forceN', 1, [{ lengthM: 1.5, forceN: 100 }, { lengthM: 2.5, forceN: 50 }]],
    ['lengthM', 1, [readings[0]!, { lengthM: 1.51, forceN: 60 }]],
  ])('refuses a wrong %s', (field, slackM, given) => {
    expect(() => bandLaw(slackM, given)).toThrow(expect.objectContaining({ field }))
  })
})

describe('comparing moments', () => {
  it.each(
    [
      [-121, -115, 'ladder', 'about the same'], [-137, -121, 'ladder', 'a little harder'],
      [-180, -121, 'ladder', 'clearly harder'], [-61, -121, 'ladder', 'clearly easier'],
      [-137, -121, 'across', 'about the same'], [-160, -121, 'across', 'clearly harder'],
    ] as const,
  )('%i against %i N·m (%s) is %s', (a, b, scope, verdict) => {
    expect(compare(a, b, scope).verdict).toBe(verdict)
  })

  it('has no ratio to nothing', () => {
    expect(() => compare(50, 0, 'ladder')).toThrow(expect.objectContaining({ field: 'baseNm' }))
  })

  it.each([[-121.03, 120], [63.3, 65], [4, 5], [0, 0], [233, 230]])(
    '%d N·m is shown as %d', (nm, shown) => expect(shownNm(nm)).toBe(shown),
  )

  it('finds something about 10 % harder than an elbow plank by moving one slider', () => {
    const body = bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })
    const [first] = nearTo(
      ['front-plank.knees', 'front-plank.weight-on-back', 'front-plank.long-lever', 'brace.low-breath'].map(id => ({
        id,
      })),
      body, 'sagittal', -121, 1.1,
    )
    expect(first!.ratio).toBeGreaterThan(1.07)
    expect(first!.ratio).toBeLessThan(1.13)
  })
})

describe('the evaluator that remembers', () => {
  it('gives the same figures as a fresh one for every pose, body and load', () => {
    const evaluator = rememberingEvaluator()
    const bodies = [['male', 1.8, 80], ['male', 1.8, 95], ['female', 1.68, 62], ['male', 1.8, 80]] as const
    for (const [sex, heightM, massKg] of bodies) {
      for (const model of MODELS) {
        const tried: Record<string, number>[] = [{}, ...('loadKg' in model.settings ? [{ loadKg: 10 }] : [])]
        for (const settings of tried) {
          const fresh = evaluate(model, { sex, heightM, massKg }, settings)
          const remembered = evaluator(model, { sex, heightM, massKg }, settings)
          expect(remembered.dominantNm, model.id).toBeCloseTo(fresh.dominantNm, 6)
          expect(remembered.handsShare, model.id).toBeCloseTo(fresh.handsShare, 8)
        }
      }
    }
  })
})
