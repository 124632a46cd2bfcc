import { describe, expect, it } from 'vitest'
import { findVariation, STANDARD } from '../../catalogue'
import { context, item, session } from '../../testing/fixtures'
import { homePlan, HOUSEHOLD } from './homePlan'
import { layOutSession, proposeWeek, type WeekPlan } from '..'
import { weekConflicts } from '../../rules'

describe('five minutes at home', () => {
  const plan: WeekPlan = { sessions: [{ ...session, items: [item] }] }
  const found = homePlan(plan, 's', 5, context)

  it('fits the minutes, needs only what a house has, and repeats nothing of the day', () => {
    expect(found.length).toBeGreaterThan(0)
    expect(layOutSession({ ...session, lifts: [], items: found.map(f => f.item) }, STANDARD).homeS).toBeLessThanOrEqual(
      300,
    )
    for (const { item: one } of found) {
      expect(one.variationId).not.toBe(item.variationId)
      for (const need of findVariation(one.variationId)!.equipment) expect(need.some(e => e in HOUSEHOLD)).toBe(true)
    }
  })

  it('breaks no rule, lengthens no session and survives a proposal', () => {
    const withHome = { ...session, items: [item, ...found.map(f => f.item)] }
    expect(weekConflicts({ sessions: [withHome] }, context).filter(c => c.blocks)).toEqual([])
    expect(layOutSession(withHome, STANDARD).totalS).toBe(layOutSession({ ...session, items: [item] }, STANDARD).totalS)
    const again = proposeWeek({ context, sessions: [withHome] }).plan.sessions[0]!.items.filter(i => i.slot === 'home')
    expect(again).toEqual(found.map(f => f.item))
  })

  it('is empty under a red flag', () => {
    expect(
      homePlan(plan, 's', 5, { ...context, screen: { ...context.screen, flags: ['nightPain' as never, 'chestPain'] } }),
    ).toEqual([])
  })
})
