import { describe, expect, it } from 'vitest'
import { FLAG_IDS, FLAGS } from '../screening'
import { oddTrial, TEST_IDS, testStops, testsWith } from '.'

describe('a test and who may take it', () => {
  it.each(FLAG_IDS.filter(id => FLAGS[id].kind === 'red'))('is none under the red flag %s', (flag) => {
    for (const test of TEST_IDS)
      expect(testStops(test, { flags: [flag], ageYears: 25 })).toEqual([expect.stringContaining('refer first')])
  })

  it.each(['legPain', 'bloodPressureHeart', 'pregnancy', 'herniaSurgery'] as const)(
    'is none under %s before a clearance',
    (flag) => {
      for (const test of TEST_IDS)
        expect(testStops(test, { flags: [flag], ageYears: 25 })).toEqual([
          expect.stringContaining('a clearance comes before any test'),
        ])
    },
  )

  it.each(
    [
      ['bloodPressureHeart~training', ['extensor', 'flexor', 'sideBridge', 'plank', 'hangingRaise'], [
        'rotationRange', 'hinge',
      ]],
      ['backPainBending', ['flexor', 'hangingRaise', 'plank', 'extensor'], ['pressOutHold', 'hinge']],
      ['wrist', ['lHold'], ['plank', 'sideBridge']],
      ['shoulder', ['plank', 'sideBridge', 'hangingRaise', 'rolloutReach', 'overheadLumbar'], ['extensor', 'hinge']],
      ['pregnancy~breath', ['extensor', 'hollow', 'plank'], ['sideBridge', 'hinge']],
    ] as const,
  )('under %s stops %j and leaves %j', (flag, stopped, left) => {
    const of = (test: (typeof TEST_IDS)[number]): boolean => testStops(test, { flags: [flag], ageYears: 25 }).length > 0
    expect(stopped.filter(test => !of(test))).toEqual([])
    expect(left.filter(of)).toEqual([])
  })

  it('of an organisation’s own is judged by what is known of it', () => {
    const tests = testsWith([{
      id: 'own.sit', name: 'Sit', unit: 's', better: 'more', sides: 'both', action: 'flexion', setUp: '', stop: '',
      retired: false,
    }])
    expect(testStops('own.sit', { flags: ['osteoporosis'], ageYears: 60 }, tests)).toHaveLength(1)
    expect(testStops('own.sit', { flags: [], ageYears: 60 }, tests)).toEqual([])
  })

  it('against a band is not for a child under twelve', () => {
    expect(testStops('pressOutHold', { flags: [], ageYears: 11 })).toHaveLength(1)
    expect(testStops('pressOutHold', { flags: [], ageYears: 12 })).toEqual([])
  })
})

describe('a value that is odd', () => {
  it.each(
    [
      ['plank', 2.9, [60], 'Under 3 s'], ['plank', 61, [60, 58], null],
      ['plank', 130, [60, 62, 64], 'Far from the usual 62'], ['plank', 20, [60], 'Far'], ['rotationRange', 2, [], null],
      ['plank', 400, [], null], ['plank', 30, [60, 20, 20, 20], null],
    ] as const,
  )('%s %d after %j: %s', (test, value, before, says) => {
    const found = oddTrial(test, value, before)
    if (says === null) expect(found).toBeNull()
    else expect(found).toContain(says)
  })
})
