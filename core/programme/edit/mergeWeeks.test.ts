import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { same } from '../../merge'
import { item, lift, session } from '../../testing/fixtures'
import { addItem, changeItem, changeSession, moveItem, removeItem, removeSession } from './edit'
import { mergeWeeks } from './mergeWeeks'
import type { WeekPlan } from '../week/week'

const other = { ...item, id: 'i2', variationId: 'front-plank.elbows' }
const second = { ...session, id: 's2', day: 2, lifts: [] }
const base: WeekPlan = { sessions: [{ ...session, items: [item, other] }, second] }
const sets = (plan: WeekPlan, n: number): WeekPlan =>
  changeItem(plan, 'i', i => ({ ...i, dose: { ...i.dose, sets: n } }))

describe('two coaches on one week', () => {
  it('changing different things both keep theirs', () => {
    const mine = sets(base, 5)
    const theirs = moveItem(base, 'i2', 's2', { slot: 'after', pairedWith: null })
    const { plan, conflicts, theirChanges } = mergeWeeks(base, mine, theirs, STANDARD)
    expect(conflicts).toEqual([])
    expect(plan.sessions[0]!.items.map(i => [i.id, i.dose.sets])).toEqual([['i', 5]])
    expect(plan.sessions[1]!.items.map(i => i.id)).toEqual(['i2'])
    expect(theirChanges).toEqual(['Elbow plank, place: Wednesday, after'])
  })

  it('changing different fields of one drill both keep theirs', () => {
    const theirs = changeItem(base, 'i', i => ({ ...i, dose: { ...i.dose, amount: 20 } }))
    const { plan, conflicts } = mergeWeeks(base, sets(base, 5), theirs, STANDARD)
    expect(conflicts).toEqual([])
    expect(plan.sessions[0]!.items[0]!.dose).toMatchObject({ sets: 5, amount: 20 })
  })

  it('changing one field differently are asked, and either choice can be taken', () => {
    const [mine, theirs] = [sets(base, 5), sets(base, 2)]
    const { plan, conflicts } = mergeWeeks(base, mine, theirs, STANDARD)
    expect(conflicts).toEqual([{ key: 'item/i#sets', what: expect.stringContaining('sets'), mine: '5', theirs: '2' }])
    expect(plan.sessions[0]!.items[0]!.dose.sets).toBe(5)
    expect(mergeWeeks(base, mine, theirs, STANDARD, { 'item/i#sets': 'theirs' }).plan.sessions[0]!.items[0]!.dose.sets)
      .toBe(2)
  })

  it('one taking out what the other changed are asked once about the whole', () => {
    const mine = removeItem(base, 'i')
    const { plan, conflicts } = mergeWeeks(base, mine, sets(base, 2), STANDARD)
    expect(conflicts).toHaveLength(1)
    expect(conflicts[0]).toMatchObject({ key: 'item/i', mine: 'left out', theirs: '2 × 10 seconds' })
    expect(plan.sessions[0]!.items.map(i => i.id)).toEqual(['i2'])
    expect(
      mergeWeeks(base, mine, sets(base, 2), STANDARD, { 'item/i': 'theirs' }).plan.sessions[0]!.items.map(i => i.id),
    ).toContain('i')
  })

  it('keep what both added, in one session', () => {
    const mine = addItem(base, 's2', { ...item, id: 'm' })
    const theirs = addItem(base, 's2', { ...item, id: 't' })
    expect(mergeWeeks(base, mine, theirs, STANDARD).plan.sessions[1]!.items.map(i => i.id)).toEqual(['m', 't'])
  })

  it('work paired with a lift the other took out goes after the lifts', () => {
    const mine = moveItem(base, 'i', 's', { slot: 'paired', pairedWith: lift.id })
    const theirs = changeSession(base, 's', s => ({ ...s, lifts: [] }))
    expect(mergeWeeks(base, mine, theirs, STANDARD).plan.sessions[0]!.items.find(i => i.id === 'i')).toMatchObject({
      slot: 'after', pairedWith: null,
    })
  })

  it('one who changed nothing gets the other\'s plan whole, and nobody is asked', () => {
    const edits = fc.constantFrom<(p: WeekPlan) => WeekPlan>(
      p => sets(p, 4), p => removeItem(p, 'i2'),
      p =>
        addItem(p, 's2', {
          ...item,
          id: `new${p.sessions.flatMap(s => s.items).length}-${p.sessions[0]!.items.length}`,
        }),
      p => removeSession(p, 's2'),
      p => moveItem(p, 'i', 's2', { slot: 'finisher', pairedWith: null }),
      p => changeSession(p, 's', s => ({ ...s, minutes: 45 })),
    )
    fc.assert(
      fc.property(fc.array(edits, { maxLength: 5 }), (list) => {
        const changed = list.reduce((plan, edit) => edit(plan), base)
        for (const [mine, theirs] of [[changed, base], [base, changed], [changed, changed]] as const) {
          const { plan, conflicts } = mergeWeeks(base, mine, theirs, STANDARD)
          expect(conflicts).toEqual([])
          const content = (p: WeekPlan) =>
            p.sessions.map(s => ({ ...s, items: [...s.items].sort((a, b) => a.id.localeCompare(b.id)) }))
          expect(same(content(plan), content(changed))).toBe(true)
        }
      }),
      { seed: 21, numRuns: 200 },
    )
  })
})
