import { describe, expect, it } from 'vitest'
import { findVariation, STANDARD } from '../../catalogue'
import { context, session } from '../../testing/fixtures'
import { improvements, weekGoal } from './improve'
import { proposeWeek, pasteRoutine, type WeekPlan } from '..'

const SIT_UPS = `Mon 60 min
Back squat 4x5 @ 80 %
Crunch, arms on the chest 3 x 25
Reverse crunch 3x20
Thu
Bench press 5x5 @ 75%
Crunch behind the ears 3 x 25
Dragon wings 3 x 8`

describe('what the engine would change', () => {
  const { plan } = pasteRoutine(SIT_UPS, STANDARD)
  const found = improvements(plan, context, null)

  it('is a list of single changes, each of which does alone what it says', () => {
    expect(found.length).toBeGreaterThan(3)
    const now = weekGoal(plan, context, null)
    for (const one of found.slice(0, 4)) {
      const then: WeekPlan = {
        sessions: plan.sessions.map(s => (s.id !== one.sessionId
          ? s
          : {
            ...s,
            items: [...s.items.filter(i => i.id !== one.itemId), ...(one.item ? [one.item] : [])],
          })
        ),
      }
      expect(now - weekGoal(then, context, null)).toBeCloseTo(one.gain, 6)
      expect(one.effect.length).toBeGreaterThan(10)
    }
  })

  it('is led by the best and names no drill that may not be given', () => {
    const worth = found.map(f => f.gain + 1000 * f.mends)
    expect(worth).toEqual([...worth].sort((a, b) => b - a))
    for (const { item: comes } of found) if (comes) expect(findVariation(comes.variationId)).toBeDefined()
    expect(improvements(plan, { ...context, screen: { ...context.screen, flags: ['chestPain'] } }, null)).toEqual([])
  })

  it('is nothing for a week that the engine has proven', () => {
    const best = proposeWeek({
      context,
      sessions: [{ ...session, id: 'a' }, { ...session, id: 'b', day: 3, lifts: [] }],
    })
    const more = improvements(best.plan, context, null)
    if (best.proof!.proven) expect(more.filter(m => m.gain > 0.02 && m.mends === 0)).toEqual([])
  })
})
