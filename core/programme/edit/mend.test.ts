import { describe, expect, it } from 'vitest'
import { context, item, session } from '../../testing/fixtures'
import { mendConflict, type PlannedSession, type TrunkItem } from '..'
import { weekConflicts } from '../../rules'

const chop: TrunkItem = {
  ...item, id: 'c', variationId: 'carries.suitcase-heavy', dose: { sets: 2, amount: 20, unit: 'metres', restS: 60 },
}
const free: PlannedSession = { id: 't', day: 2, minutes: 40, lifts: [], items: [] }

describe('the step that settles a conflict', () => {
  it.each(
    [
      [
        'fatiguing before the squat: after it', [{ ...session, items: [{ ...chop, slot: 'activation' }] }], context,
        'after the lifts',
      ],
      ['too much the day before: to another day', [free, { ...session, id: 'u', day: 4, items: [chop] }], {
        ...context, competitionDays: [5],
      }, 'Wednesday'],
      ['above the rung: a stand-in', [{ ...session, items: [chop] }], {
        ...context,
        screen: { ...context.screen, rungs: { ...context.screen.rungs, carries: 3 } },
      }, 'in its place'],
      [
        'twice in a session: to the other one', [{ ...session, items: [item, { ...item, id: 'j' }] }, free], context,
        'Wednesday',
      ],
      [
        'too long: a set less',
        [{ ...free, minutes: 5, items: [{ ...item, dose: { ...item.dose, sets: 3, amount: 60 } }] }],
        context, 'One set less',
      ],
    ] as const,
  )('%s', (_, sessions, ctx, words) => {
    const plan = { sessions: sessions as unknown as PlannedSession[] }
    const [conflict] = weekConflicts(plan, ctx)
    const mend = mendConflict(conflict!, plan, ctx)!
    expect(mend.text).toContain(words)
    expect(weekConflicts(mend.plan, ctx).length).toBeLessThan(weekConflicts(plan, ctx).length)
  })

  it('never sends a drill that a flag takes away back to a day before the flag was raised', () => {
    const flagged = { ...context.screen, flags: ['wrist' as const] }
    const raised = { ...context, screens: [0, 1, 2, 3, 4, 5, 6].map(day => (day < 3 ? context.screen : flagged)) }
    const hands: TrunkItem = { ...item, variationId: 'front-plank.hands' }
    const plan = { sessions: [{ ...free, day: 0 }, { ...session, id: 'u', day: 4, items: [hands] }] }
    const conflict = weekConflicts(plan, raised).find(c => c.rule === 'flag')!
    expect(mendConflict(conflict, plan, raised)!.text).toMatch(/in its place$|^Leave /)
  })

  it('settles every conflict of a crowded week, one after the other, without making a new one', () => {
    let plan = {
      sessions: [{
        ...session, minutes: 30,
        items: [chop, { ...chop, id: 'd', slot: 'activation' as const }, { ...item, slot: 'activation' as const }, {
          ...item, id: 'k',
        }],
      }, free],
    }
    for (let n = weekConflicts(plan, context).length; n > 0; n = weekConflicts(plan, context).length) {
      const mend = mendConflict(weekConflicts(plan, context)[0]!, plan, context)
      expect(mend).not.toBeNull()
      plan = mend!.plan as typeof plan
      if (weekConflicts(plan, context).some(c => c.rule === 'minutes')) continue
      expect(weekConflicts(plan, context).length).toBeLessThan(n)
    }
    expect(weekConflicts(plan, context)).toEqual([])
  })
})
