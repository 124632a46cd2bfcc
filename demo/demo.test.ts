import { describe, expect, it } from 'vitest'
import { problemsOf } from '~~/core/catalogue'
import { athleteSchema, fieldMessages, ownCatalogueSchema } from '~~/shared/schemas'
import { larkholm, OWN_DRILLS } from '.'

describe('the invented centre', () => {
  const centre = larkholm('2026-03-04')

  it('keeps the rules everybody keeps', () => {
    for (const { input } of centre.athletes) expect(fieldMessages(athleteSchema, input), input.name).toBeNull()
    expect(fieldMessages(ownCatalogueSchema, OWN_DRILLS)).toBeNull()
    expect(problemsOf(OWN_DRILLS)).toEqual([])
  })

  it('is the same on every machine', () => {
    expect(larkholm('2026-03-04')).toEqual(centre)
  })

  it('has names and addresses once', () => {
    for (const list of [centre.athletes.map(a => a.input.name), centre.people.map(p => p.email), centre.athletes.map(a => a.id)]) {
      expect(new Set(list).size).toBe(list.length)
    }
  })
})
