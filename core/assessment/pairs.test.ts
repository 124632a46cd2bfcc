import { describe, expect, it } from 'vitest'
import { pairFindings } from './pairs'
import type { TestId, Trial } from '.'

const trial = (test: TestId, value: number, over: Partial<Trial> = {}): Trial => ({
  test, side: null, value, breakPoint: 'none', day: '2026-03-02', ...over,
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
