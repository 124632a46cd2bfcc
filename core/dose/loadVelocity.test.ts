import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DomainError } from '../errors'
import { bracedRepS } from '.'
import { LOAD_VELOCITY, velocityMS, type LoadVelocityRelation } from './loadVelocity'

const keysOf = (of: typeof LOAD_VELOCITY) => Object.keys(of) as LoadVelocityRelation[]

describe('load-velocity relations', () => {
  // Sanchez-Medina et al. 2017 and Gonzalez-Badillo & Sanchez-Medina 2010, coefficients recalled from memory:
  // putting the speed back into the published polynomial must give the load again.
  it.each([[30], [50], [80], [90], [100]])('are inverted at %d %%', (percent) => {
    const squat = velocityMS('squat', percent)
    expect(-5.961 * squat ** 2 - 50.71 * squat + 117).toBeCloseTo(percent, 9)
    const bench = velocityMS('benchPress', percent)
    expect(8.4326 * bench ** 2 - 73.501 * bench + 112.33).toBeCloseTo(percent, 9)
    const pull = velocityMS('benchPull', percent)
    expect(18.5797 * pull ** 2 - 104.182 * pull + 147.94).toBeCloseTo(percent, 9)
  })

  // Speeds at the full load as they are published: bench pull 0.52, squat 0.32, bench press 0.17 m/s (memory).
  it.each([['benchPull', 0.52], ['squat', 0.32], ['benchPress', 0.17]] as const)(
    'end a %s at about %f m/s', (relation, speed) => {
      expect(velocityMS(relation, 100)).toBeCloseTo(speed, 1)
    },
  )

  it('are a line between the two speeds stated where nothing is published', () => {
    expect([velocityMS('hinge', 100), velocityMS('hinge', 40), velocityMS('hinge', 70)].map(v => v.toFixed(3)))
      .toEqual(['0.200', '0.950', '0.575'])
    expect(velocityMS('walk', 70)).toBeCloseTo(1, 9)
  })

  // By the squat formula at 0.6 m the rise takes 0.9 s at 80 % and 1.2 s at 90 %.
  it('give the rise of a squat', () => {
    const rise = (percent: number): number =>
      bracedRepS({ setUpS: 0, loweringS: 0, pauseS: 0, rangeM: 0.6, relation: 'squat' }, percent)
    expect(rise(80)).toBeCloseTo(0.9, 1)
    expect(rise(90)).toBeCloseTo(1.2, 1)
  })

  it('slow down as the load grows', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 99 }), fc.constantFrom(...keysOf(LOAD_VELOCITY)),
        (percent, relation) => {
          expect(velocityMS(relation, percent + 1)).toBeLessThan(velocityMS(relation, percent))
        },
      ),
      { seed: 3 },
    )
  })

  it('refuse loads outside the measured range', () => {
    expect(() => velocityMS('squat', 20)).toThrow(expect.objectContaining({ field: 'percent1Rm' }))
    expect(() => velocityMS('squat', NaN)).toThrow(DomainError)
  })
})
