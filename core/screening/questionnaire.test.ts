import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  consequencesOf, effectiveMarks, endingClearances, FLAG_IDS, flagFacts, flagsFrom, QUESTIONS, restrictionsOf,
  UNTIL_CLEARED, type Clearance, type FlagId,
} from '.'
import { STANDARD, VARIATIONS } from '../catalogue'

const clearance = (over: Partial<Clearance> = {}): Clearance => ({
  id: 'c', flag: 'pregnancy', extent: 'all', givenBy: 'Clinician', role: 'doctor', from: '2026-02-01',
  until: '2026-04-30', note: '', ...over,
})

describe('the questionnaire', () => {
  it('asks about every flag once, what stops everything first', () => {
    expect(QUESTIONS.map(q => q.flag).sort()).toEqual([...FLAG_IDS].sort())
    const kinds = QUESTIONS.map(q => flagFacts(q.flag).kind)
    expect(kinds.lastIndexOf('red')).toBeLessThan(kinds.indexOf('amber'))
  })

  it('raises a flag for every yes and for nothing else', () => {
    fc.assert(
      fc.property(fc.dictionary(fc.constantFrom(...FLAG_IDS), fc.boolean()), (answers) => {
        expect([...flagsFrom(answers)].sort()).toEqual(
          FLAG_IDS.filter(flag => (answers as Record<string, boolean>)[flag]).sort(),
        )
      }),
      { seed: 4 },
    )
  })
})

describe('consequences', () => {
  it('say what goes and how much of it has a replacement', () => {
    const found = consequencesOf(['bloodPressureHeart'], STANDARD)
    expect(found.takesAway).toEqual([
      'breath-holding', 'head below the hips', 'high pressure in the belly',
      'all but a short list until a clearance is written down',
    ])
    expect(found.drills).toBe(
      VARIATIONS.filter(v =>
        !UNTIL_CLEARED.includes(v.id) || v.hazards.some(h => h === 'inverted' || h === 'pressureRise')
      ).length,
    )
    const cleared = consequencesOf(['bloodPressureHeart~training'], STANDARD)
    expect(cleared.drills).toBe(
      VARIATIONS.filter(v => v.hazards.some(h => h === 'inverted' || h === 'pressureRise')).length,
    )
    expect(found.replaced).toBeLessThanOrEqual(found.drills)
    expect(found.refer).toBe(false)
  })

  it('of a red flag are everything', () => {
    expect(consequencesOf(['chestPain'], STANDARD)).toMatchObject({
      refer: true, drills: VARIATIONS.length, replaced: 0,
    })
  })
})

describe('a clearance', () => {
  it.each([['2026-01-31', ['pregnancy']], ['2026-02-01', []], ['2026-04-30', []], ['2026-05-01', ['pregnancy']]])(
    'on %s leaves %j',
    (day, left) => {
      expect(effectiveMarks(['pregnancy'], [clearance()], day)).toEqual(left)
    },
  )

  it('for the breath lifts breath-holding and pressure, and nothing else', () => {
    const left = effectiveMarks(['pregnancy'], [clearance({ extent: 'breath' })], '2026-03-01')
    expect(restrictionsOf(left)).toEqual(
      restrictionsOf(['pregnancy']).filter(m => !['noBreathHold', 'no:pressureRise', 'clearanceFirst'].includes(m)),
    )
    expect(effectiveMarks(['chestPain'], [clearance({ flag: 'chestPain', extent: 'breath' })], '2026-03-01')).toEqual([
      'chestPain',
    ])
  })

  it('never adds anything, nor touches another flag', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.constantFrom(...FLAG_IDS), { maxLength: 4 }), fc.constantFrom(...FLAG_IDS),
        fc.constantFrom('all' as const, 'breath' as const),
        (flags, cleared: FlagId, extent) => {
          const left = effectiveMarks(flags, [clearance({ flag: cleared, extent, until: null })], '2026-03-01')
          const all = new Set(restrictionsOf(flags))
          for (const mark of restrictionsOf(left)) expect(all.has(mark), mark).toBe(true)
          for (const flag of flags) if (flag !== cleared) expect(left).toContain(flag)
        },
      ),
      { seed: 6 },
    )
  })

  it('is warned about by its latest end', () => {
    expect(endingClearances([clearance(), clearance({ until: '2026-09-01' })], '2026-05-10')).toEqual([])
    expect(endingClearances([clearance()], '2026-05-10')).toHaveLength(1)
    expect(endingClearances([clearance(), clearance({ until: null })], '2026-05-10')).toEqual([])
  })
})
