import { describe, expect, it } from 'vitest'
import { braceLacks } from '~~/core/assessment'
import { problemsOf } from '~~/core/catalogue'
import { athleteSchema, braceCheckSchema, fieldMessages, ownCatalogueSchema, trialSchema } from '~~/shared/schemas'
import { chance, larkholm, OWN_DRILLS, simulateBraceChecks, simulateTests } from '.'

describe('the invented centre', () => {
  const centre = larkholm('2026-03-04')

  it('keeps the rules everybody keeps', () => {
    for (const { input } of centre.athletes) expect(fieldMessages(athleteSchema, input), input.name).toBeNull()
    expect(fieldMessages(ownCatalogueSchema, OWN_DRILLS)).toBeNull()
    expect(problemsOf(OWN_DRILLS)).toEqual([])
  })

  it('was tested and checked as the rules ask', () => {
    const luck = chance(1)
    for (const athlete of centre.athletes) {
      for (const trial of simulateTests(luck, athlete, '2026-03-04'))
        expect(fieldMessages(trialSchema, trial)).toBeNull()
      const checks = simulateBraceChecks(luck, athlete, '2026-03-04')
      for (const check of checks)
        expect([fieldMessages(braceCheckSchema, check), braceLacks(check)]).toEqual([null, []])
      expect(checks.at(-1)?.step).toBe(athlete.input.braceStep)
    }
  })

  it('is the same on every machine', () => {
    expect(larkholm('2026-03-04')).toEqual(centre)
  })

  it('has names and addresses once', () => {
    for (
      const list of [
        centre.athletes.map(a => a.input.name), centre.people.map(p => p.email), centre.athletes.map(a => a.id),
      ]
    ) {
      expect(new Set(list).size).toBe(list.length)
    }
  })
})
