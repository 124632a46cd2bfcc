import { describe, expect, it } from 'vitest'
import { VARIATIONS } from '../catalogue'
import { parseTempo } from '../../dose'

const key = ({ cues }: (typeof VARIATIONS)[number]): string => `${cues.inside} | ${cues.outside}`
const sentence = /^[A-Z0-9].*[.!?]$/

describe('what is said about drills', () => {
  it('is each drill’s own: no two share a pair of cues, a stop sign with cues, or a caution by chance', () => {
    expect(new Set(VARIATIONS.map(key)).size).toBe(VARIATIONS.length)
    for (const of of [
      (v: (typeof VARIATIONS)[number]) => v.cues.inside, (v: (typeof VARIATIONS)[number]) => v.cues.outside,
      (v: (typeof VARIATIONS)[number]) => v.setUp, (v: (typeof VARIATIONS)[number]) => v.purpose,
    ]) expect(new Set(VARIATIONS.map(of)).size).toBe(VARIATIONS.length)
    // A fault may look alike on many drills, but no ladder says one pair of faults for all.
    const faults = VARIATIONS.map(v => v.faults.map(f => f.see + f.fix).join())
    expect(new Set(faults).size).toBe(VARIATIONS.length)
    expect(new Set(VARIATIONS.map(v => v.stopSign)).size).toBeGreaterThan(VARIATIONS.length * 0.9)
  })

  it.each(VARIATIONS.map(v => [v.id, v] as const))('%s has cues, a stop sign, a caution and faults with their fixes',
    (_, { cues, stopSign, caution, faults, setUp, purpose, gate }) => {
      for (const text of [cues.inside, cues.outside, stopSign, caution ?? '', setUp, purpose, gate.seen])
        expect(text).toMatch(sentence)
      expect(cues.inside.length + cues.outside.length).toBeLessThan(150)
      expect(faults.length).toBeGreaterThanOrEqual(2)
      for (const { see, fix } of faults) {
        expect(see).toMatch(/^[A-Z0-9].*[^.]$/)
        expect(fix).toMatch(sentence)
      }
    })

  it('never turns a trunk whose gate asks that the hips stay still', () => {
    for (const { id, gate, cues } of VARIATIONS) {
      if (/hips still|pelvis still|pelvis does not/i.test(gate.seen))
        expect(`${cues.inside} ${cues.outside}`, id).not.toMatch(/belt buckle|turn your hips/i)
    }
  })
})

describe('tempos', () => {
  it('hold where the drill is held: a lift that is held counts its seconds at the top, a reach at its far end', () => {
    const AT_THE_TOP = /^(posterior\.(bridge|band-bridge|single-leg-bridge|prone-arm-leg|upper-back)|flexion\.curl-up)/
    for (const { id, doses } of VARIATIONS) {
      for (const { tempo } of doses) {
        if (!tempo) continue
        const { bottomS, topS } = parseTempo(tempo)
        if (AT_THE_TOP.test(id)) expect([id, topS > bottomS]).toEqual([id, true])
      }
    }
  })

  it('of a gate can be reached by the heaviest dose within two steps of it', () => {
    const far = VARIATIONS.filter(({ gate, doses }) => Math.max(...doses.map(d => d.amount)) < gate.amount / 2)
    expect(far.map(v => v.id)).toEqual([])
  })
})
