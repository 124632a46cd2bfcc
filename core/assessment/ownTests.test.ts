import { describe, expect, it } from 'vitest'
import { batteriesWith, checkOwnTests, ownTestId, testsWith, type OwnTest } from './ownTests'
import { sideDifferences, standingOf, testFacts, weakLinks, type TestId, type Trial } from '.'
import { STANDARD } from '../catalogue'

const man = { sex: 'male', ageYears: 22 } as const
const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
})
const hop: OwnTest = {
  id: 'own.bridge-one-leg', name: 'Bridge, one leg', unit: 's', better: 'more', sides: 'each', action: 'extension',
  setUp: 'One foot down.', stop: 'It sags.', retired: false,
}

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
