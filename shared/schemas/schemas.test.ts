import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { chance, larkholm, SQUADS } from '~~/demo'
import { AppError } from '~~/shared/errors'
import type { AthleteInput } from '~~/shared/types'
import { athleteSchema, checked, doseSchema, fieldMessages, planSchema, setLogSchema, signInSchema } from '.'

const centre = larkholm('2026-03-02')
const good: AthleteInput = centre.athletes[0]!.input

describe('the athlete form', () => {
  it('takes every athlete of the demo', () => {
    for (const { input } of centre.athletes) expect(fieldMessages(athleteSchema, input)).toBeNull()
  })

  it('takes an athlete with nothing but a name and a body', () => {
    expect(
      fieldMessages(athleteSchema, {
        ...good, equipment: [], available: [], flags: [], groupIds: [], stands: [], goal: '', position: '',
      }),
    ).toBeNull()
  })

  it.each([
    ['name', { name: ' ' }, 'Name'],
    ['heightCm', { heightCm: 300 }, 'Height must be 230 cm (90 in) or less.'],
    ['heightCm', { heightCm: NaN }, 'Height must be a number.'],
    ['massKg', { massKg: 8 }, 'Body mass must be 25 kg (55 lb) or more.'],
    ['birthYear', { birthYear: 1998.5 }, 'Birth year must be a whole number.'],
    ['sport', { sport: 'chess' }, 'Sport profile is not one of the choices.'],
    ['braceStep', { braceStep: 8 }, 'Brace step must be 7 or less.'],
    ['available.0.minutes', { available: [{ day: 1, minutes: 900 }] }, 'Minutes must be 240 or less.'],
    ['stands.0', { stands: ['brace.nothing'] }, 'Rung'],
    ['stands.1', { stands: ['side-plank.feet', 'side-plank.star'] }, 'Two drills of one branch.'],
    ['goal', { goal: 'x'.repeat(301) }, 'Goal is too long: 300 characters at most.'],
  ])('says beside %s what is wrong', (field, change, message) => {
    const fields = fieldMessages(athleteSchema, { ...good, ...change })
    expect(fields?.[field]).toContain(message)
  })

  it('throws one error that names every field', () => {
    expect(() => checked(athleteSchema, { ...good, name: '', massKg: -1 }))
      .toThrow(
        expect.objectContaining({
          code: 'badInput',
          fields: expect.objectContaining({ name: expect.any(String), massKg: expect.any(String) }),
        }),
      )
  })
})

describe('any schema', () => {
  it('answers anything at all with messages, never with another error', () => {
    for (const schema of [athleteSchema, planSchema, setLogSchema, doseSchema, signInSchema]) {
      fc.assert(fc.property(fc.anything({ maxDepth: 3 }), (value) => {
        try {
          checked(schema as typeof signInSchema, value)
        }
        catch (error) {
          expect(error).toBeInstanceOf(AppError)
        }
      }), { seed: 5, numRuns: 200 })
    }
  })
})

describe('the demo', () => {
  it('is the same for the same day, and invented', () => {
    expect(larkholm('2026-03-02')).toEqual(centre)
    expect(centre.athletes).toHaveLength(24)
    expect(new Set(SQUADS.map(s => s.sport)).size).toBe(5)
    expect(centre.people.every(p => p.email.endsWith('.example'))).toBe(true)
  })

  it('draws keys that look like keys', () => {
    expect(chance(1).key()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-8[0-9a-f]{3}-[0-9a-f]{12}$/)
  })
})
