import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  batteriesWith, BRACE_CUES, checkOwnTests, cueForDrill, cueForStep, homeworkLies, homeworkState, ownTestId,
  pairFindings, sideDifferences, standingOf, testFacts, testsWith, weakLinks, type BreakPoint, type OwnTest,
  type SetLog, type TestId, type Trial,
} from '.'
import { STANDARD, VARIATIONS } from '../catalogue'

const man = { sex: 'male', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const hop: OwnTest = {
  id: 'own.bridge-one-leg', name: 'Bridge, one leg', unit: 's', better: 'more', sides: 'each', action: 'extension',
  setUp: 'One foot down.', stop: 'It sags.', retired: false,
}
const log = (variationId: string, day: string, breakPoint: BreakPoint, side: SetLog['side'] = null): SetLog => ({
  prescribedItemId: 'p', variationId, day, setNumber: 1, side, amount: 10, unit: 'seconds', tempo: null, breakPoint,
  setting: {}, feltAt: [], effort: null, painAt: null,
})

describe('tests of an organisation’s own', () => {
  const tests = testsWith([hop])

  it('stand beside the standard ones, with sides and weak links like them, and no norms', () => {
    expect(testFacts(hop.id, tests)).toMatchObject({ name: 'Bridge, one leg', timed: true, norms: null })
    expect(() => testFacts(hop.id)).toThrow('no test')
    expect(standingOf(hop.id, 'left', 30, man)).toMatchObject({ known: false })
    const both = [
      trial(hop.id, 20, { side: 'left', breakPoint: 'trunk' }), trial(hop.id, 30, { side: 'right' }),
      trial(hop.id, 21, { side: 'left', day: '2026-03-09', breakPoint: 'trunk' }),
    ]
    expect(sideDifferences(both, man, { [hop.id]: { error: 1, degreesOfFreedom: 12 } }, tests)[0]).toMatchObject({
      weaker: 'left', believable: true,
    })
    expect(weakLinks(both, man, { tests, catalogue: STANDARD, logs: [] }).links[0]).toMatchObject({
      place: 'extension', side: 'left',
    })
  })

  it('are a battery of their own while one is offered', () => {
    expect(batteriesWith([hop]).own?.tests).toEqual([hop.id])
    expect(batteriesWith([{ ...hop, retired: true }]).own).toBeUndefined()
  })

  it.each([
    [[{ ...hop, name: 'Hollow hold' }], 'tests.0.name'], [[hop, { ...hop, id: 'own.x' as const }], 'tests.1.name'],
    [[{ ...hop, unit: 'cm' as const }], 'tests.0.unit'], [[{ ...hop, sides: 'both' as const }], 'tests.0.sides'],
    [[{ ...hop, better: 'less' as const }], 'tests.0.better'], [[], 'tests'],
    [[hop, { ...hop, name: 'Bridge  one leg' }], 'tests.1.name'],
  ])('refuse what would spoil what was measured: %#', (after, field) => {
    expect(() => checkOwnTests([hop], after as OwnTest[])).toThrow(expect.objectContaining({ field }))
  })

  it('may change words and be retired', () => {
    expect(() => checkOwnTests([hop], [{ ...hop, name: 'Bridge on one leg', stop: 'Hips drop.', retired: true }])).not
      .toThrow()
    expect(ownTestId('  Düsen & Hop! 2  ')).toBe('own.d-sen-hop-2')
  })
})

describe('paired tests', () => {
  it('row: eight alone and twelve supported is the trunk, of the other side', () => {
    const [found] = pairFindings([
      trial('rowUnsupported', 8, { side: 'right' }), trial('rowSupported', 12, { side: 'right' }),
    ])
    expect(found).toMatchObject({
      pair: 'row', side: 'right',
      says: expect.stringContaining('look at the left side of the trunk'),
    })
    expect(
      pairFindings([trial('rowUnsupported', 11, { side: 'right' }), trial('rowSupported', 12, { side: 'right' })])[0]!
        .says,
    ).toContain('no difference on the right')
    // Two reps of twelve are under a fifth; two of eight are not.
    expect(
      pairFindings([trial('rowUnsupported', 10, { side: 'left' }), trial('rowSupported', 12, { side: 'left' })])[0]!
        .says,
    ).toContain('no difference')
    expect(
      pairFindings([trial('rowUnsupported', 6, { side: 'left' }), trial('rowSupported', 8, { side: 'left' })])[0]!.says,
    ).toContain('able')
  })

  it.each([[18, 9, 'the lats pull it'], [18, 17, 'ribs are not held down'], [6, 2, 'hardly changes']] as const)(
    'overhead: %f then %f degrees: %s',
    (before, after, says) => {
      expect(pairFindings([trial('overheadLumbar', before), trial('overheadLumbarAfter', after)])[0]!.says).toContain(
        says,
      )
    },
  )

  it('squat: four points better by the brace is the brace', () => {
    expect(pairFindings([trial('squatBefore', 4), trial('squatAfter', 8)])[0]!.says).toContain('is the brace')
    expect(pairFindings([trial('squatBefore', 4), trial('squatAfter', 5)])[0]!.says).toContain('does not change')
  })

  it('need both, near each other, without pain, and take the last of each', () => {
    expect(pairFindings([trial('squatBefore', 4)])).toEqual([])
    expect(pairFindings([trial('squatBefore', 4, { day: '2026-01-02' }), trial('squatAfter', 8)])).toEqual([])
    expect(pairFindings([trial('squatBefore', 4, { breakPoint: 'pain' }), trial('squatAfter', 8)])).toEqual([])
    expect(
      pairFindings([
        trial('squatBefore', 4), trial('squatBefore', 7, { day: '2026-03-09' }), trial('squatAfter', 8),
      ])[0]!.without,
    ).toBe(7)
  })
})

describe('weak links from sets', () => {
  const around = (logs: SetLog[]) => ({ tests: testsWith([]), catalogue: STANDARD, logs })

  it('two drills that broke at the shoulder on two days each name it; one, or one day, does not', () => {
    const logs = ['2026-03-02', '2026-03-04'].flatMap(
      day => [log('rollout.wheel-to-wall', day, 'shoulder'), log('front-plank.long-lever', day, 'shoulder')]
    )
    const known = logs.filter(l => STANDARD.find(l.variationId))
    expect(new Set(known.map(l => l.variationId)).size, 'both drills are in the catalogue').toBe(2)
    expect(weakLinks([], man, around(known)).links[0]).toMatchObject({
      place: 'shoulder', says: expect.stringContaining('trunk holds'),
    })
    expect(weakLinks([], man, around(known.filter(l => l.variationId === known[0]!.variationId))).links).toEqual([])
    expect(weakLinks([], man, around(known.filter(l => l.day === '2026-03-02'))).links).toEqual([])
  })

  it('add to a trial that says the same', () => {
    const logs = ['2026-03-02', '2026-03-04'].map(day => log('side-plank.feet', day, 'lowBack', 'left'))
    expect(weakLinks([trial('sideBridge', 80, { side: 'left', breakPoint: 'lowBack' })], man, around(logs)).links[0])
      .toMatchObject({ place: 'antiLateralFlexion' })
  })

  it('never come from sets that the trunk ended, or none broke', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom(...VARIATIONS.map(v => v.id)), fc.integer({ min: 1, max: 28 }),
            fc.constantFrom<BreakPoint>('trunk', 'none', 'pain'),
          ),
          { maxLength: 60 },
        ),
        (sets) => {
          expect(
            weakLinks(
              [], man,
              around(
                sets.map(([id, day, breakPoint]) => log(id, `2026-02-${String(day).padStart(2, '0')}`, breakPoint)),
              ),
            ).links,
          ).toEqual([])
        },
      ),
      { seed: 9 },
    )
  })
})

describe('the cue', () => {
  it('is to brace wherever there is load, whatever was chosen, and says why', () => {
    expect([5, 6].map(step => cueForStep('drawIn', step))).toEqual(['drawIn', 'brace'])
    expect(cueForDrill('drawIn', { spineCost: 1 })).toEqual({ cue: 'drawIn', why: null })
    for (const task of [{ spineCost: 2 }, { spineCost: 1, loadKg: 4 }])
      expect(cueForDrill('drawIn', task)).toMatchObject({ cue: 'brace', why: expect.stringContaining('load') })
    expect(cueForDrill('brace', { spineCost: 3 }).why).toBeNull()
    for (const cue of Object.values(BRACE_CUES)) expect(cue.why).toContain('Costs:')
  })
})

describe('homework', () => {
  const set = { timesADay: 3, until: '2026-03-10', note: '' }
  it('counts today, says how long it lay, and ends on its day', () => {
    expect(homeworkState(set, [{ day: '2026-03-01', step: 2 }], '2026-03-04')).toMatchObject({
      done: 0, of: 3, idleDays: 3, remind: true, says: '0 of 3 done today. Last practised 3 days ago.',
    })
    const three = [1, 2, 3].map(() => ({ day: '2026-03-04', step: 2 }))
    expect(homeworkState(set, three, '2026-03-04')).toMatchObject({ remind: false, says: 'Done for today: 3 of 3.' })
    expect(homeworkState(set, [], '2026-03-11').of).toBe(0)
    expect(() => homeworkState({ ...set, timesADay: 0 }, [], '2026-03-04')).toThrow('once to six')
  })

  it('is told to the coach after three days of nothing, from the day it was set', () => {
    expect(homeworkLies(set, [], '2026-03-02', '2026-03-04')).toBe(false)
    expect(homeworkLies(set, [{ day: '2026-02-20', step: 1 }], '2026-03-02', '2026-03-05')).toBe(true)
    expect(homeworkLies(set, [{ day: '2026-03-04', step: 1 }], '2026-03-02', '2026-03-05')).toBe(false)
    expect(homeworkLies(set, [], '2026-03-02', '2026-03-11')).toBe(false)
  })
})
