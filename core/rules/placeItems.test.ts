import { describe, expect, it } from 'vitest'
import { context, item, session } from '../testing/fixtures'
import type { PlannedSession, WeekPlan } from '../programme'
import { dayKindOf, itemConflicts, weekConflicts } from '.'

const heavy = session.lifts[0]!
const weekOf = (...sessions: PlannedSession[]): WeekPlan => ({ sessions })

describe('rules of place', () => {
  const fatiguing = { ...item, variationId: 'front-plank.long-lever' }
  const rules = (it: typeof item, s = session, ctx = context): string[] =>
    itemConflicts(it, { ...s, items: [it] }, ctx).map(c => c.rule)
  const strong = { ...context, screen: { ...context.screen, rungs: { ...context.screen.rungs, 'front-plank': 9 } } }

  it('mark fatiguing work before and between heavy axial sets, not after them', () => {
    expect(rules({ ...fatiguing, slot: 'activation' }, session, strong)).toContain('beforeHeavyLift')
    expect(rules({ ...fatiguing, slot: 'paired', pairedWith: 'squat' }, session, strong)).toContain('beforeHeavyLift')
    expect(rules({ ...fatiguing, slot: 'after' }, session, strong)).toEqual([])
  })

  it('let it stand before a light squat', () => {
    const light = { ...session, lifts: [{ ...heavy, percent1Rm: 60 }] }
    expect(rules({ ...fatiguing, slot: 'paired', pairedWith: 'squat' }, light, strong)).toEqual(['slot'])
  })

  it('mark a pair that tires what the lift needs', () => {
    const row: PlannedSession = { ...session, lifts: [{ ...heavy, lift: 'row', percent1Rm: 65 }] }
    expect(rules({ ...item, variationId: 'carries.two-hand', slot: 'paired', pairedWith: 'squat' }, row)).toContain(
      'pairing',
    )
  })

  it('block what may never be given', () => {
    const hurt = { ...context, screen: { ...context.screen, flags: ['shoulder' as const] } }
    expect(itemConflicts(item, { ...session, items: [item] }, hurt)).toEqual([
      expect.objectContaining({ rule: 'flag', blocks: true }),
    ])
    expect(itemConflicts({ ...item, variationId: 'no.such-drill' }, session, context)[0]).toMatchObject({
      blocks: true,
    })
  })

  it('mark a session that is longer than its minutes', () => {
    expect(weekConflicts(weekOf({ ...session, minutes: 10 }), context)).toEqual([
      expect.objectContaining({ rule: 'minutes' }),
    ])
  })

  it.each([[5, 'competition'], [4, 'dayBefore'], [6, 'dayAfter'], [3, 'twoDaysBefore'], [1, 'training']])(
    'day %i before a Saturday is %s',
    (day, kind) => {
      expect(dayKindOf(day, [5])).toBe(kind)
    },
  )

  it('leave activation only on the day before a competition', () => {
    const ctx = { ...context, competitionDays: [1] }
    expect(rules({ ...item, variationId: 'side-plank.knees', slot: 'activation' }, session, ctx)).toEqual([])
    expect(rules({ ...item, slot: 'after' }, session, ctx)).toEqual(['dayBefore'])
  })
})
