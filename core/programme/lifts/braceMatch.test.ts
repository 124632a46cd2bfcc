import { describe, expect, it } from 'vitest'
import { bracedRep, breathMethod, LIFT_IDS, matchBrace } from '..'

const squat = { lift: 'backSquat', percent1Rm: 80, tempo: null, heightM: 1.75, setUpS: null } as const

describe('the braced time of a rep', () => {
  it.each([[80, 0.89], [90, 1.23]])(
    'raises a squat at %i %% over 0.6 m in %f s (full squat relation, Sanchez-Medina et al. 2017)',
    (percent1Rm, raisingS) => {
      // v from %1RM = -5.961 v^2 - 50.71 v + 117.0, solved here by halving: 0.676 and 0.501 m/s ... time = 0.6 / v.
      let [low, high] = [0, 2]
      for (let i = 0; i < 60; i++) {
        const v = (low + high) / 2
        if (-5.961 * v * v - 50.71 * v + 117 > percent1Rm) low = v
        else high = v
      }
      const rep = bracedRep({ ...squat, percent1Rm })
      expect(rep.raisingS).toBeCloseTo(0.6 / low, 9)
      expect(rep.raisingS).toBeCloseTo(raisingS, 1)
      expect(rep.totalS).toBeCloseTo(1.5 + 2 + 0.6 / low, 9)
    },
  )

  it('takes a written tempo, and x for as fast as it goes', () => {
    expect(bracedRep({ ...squat, tempo: '4-1-x-0' })).toMatchObject({ loweringS: 4, pauseS: 1 })
    expect(bracedRep({ ...squat, tempo: '4-1-x-0' }).raisingS).toBe(bracedRep(squat).raisingS)
    expect(bracedRep({ ...squat, tempo: '2-0-3-0' })).toMatchObject({ raisingS: 3, velocityMS: null })
  })

  it('is longer for the taller, and for more on the bar', () => {
    expect(bracedRep({ ...squat, heightM: 2 }).totalS).toBeGreaterThan(bracedRep(squat).totalS)
    for (const lift of LIFT_IDS) {
      const at = (percent1Rm: number): number => bracedRep({ ...squat, lift, percent1Rm }).totalS
      expect(at(95)).toBeGreaterThanOrEqual(at(60))
    }
  })

  it.each([['heightM', { heightM: 3 }], ['setUpS', { setUpS: -1 }], ['tempo', { tempo: 'slow' }], ['percent1Rm', {
    percent1Rm: 0,
  }]])('refuses %s that cannot be', (field, wrong) => {
    expect(() => bracedRep({ ...squat, ...wrong })).toThrow(expect.objectContaining({ field }))
  })
})

describe('matching trunk work', () => {
  it.each([80, 85, 90])(
    'finds the slow press-out, 3 s out and 3 s back, about as long as one squat rep at %i %% (common practice)',
    (percent1Rm) => {
      const found = matchBrace(bracedRep({ ...squat, percent1Rm }).totalS)
      expect(found.find(m => m.seconds === 6)!.matches).toBe(true)
      expect(found.find(m => m.seconds === 10)!.matches).toBe(false)
    },
  )

  it('puts the nearest first', () => {
    const offs = matchBrace(5).map(m => Math.abs(m.ratio - 1))
    expect(offs).toEqual([...offs].sort((a, b) => a - b))
  })
})

describe('the breath by load', () => {
  it('is reset for every near-maximal rep, and never held under a flag that forbids it', () => {
    expect([breathMethod(70, false), breathMethod(92, false), breathMethod(92, true)]).toEqual([
      'cycling', 'reset', 'through',
    ])
  })
})
