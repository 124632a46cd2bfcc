import { describe, expect, it } from 'vitest'
import { findVariation } from '../../catalogue'
import { context, session } from '../../testing/fixtures'
import type { Decided } from '../week/context'
import { proposeWeek } from './proposeWeek'

const DRILL = 'press-out.split-stance-hold'
const { branch, rung } = findVariation(DRILL)!
const decided: Decided = {
  dose: { sets: 2, amount: 20, unit: 'seconds', restS: 20 }, setting: { bandN: 100 }, firm: true,
}
const sessions = [0, 2, 4].map(day => ({ ...session, id: `d${day}`, day }))
const standing = { ...context, screen: { ...context.screen, rungs: { ...context.screen.rungs, [branch]: rung } } }
const itemsOf = (over: Record<string, Decided | null>, before = sessions) =>
  proposeWeek({ context: { ...standing, decided: over }, sessions: before }).plan.sessions.flatMap(s => s.items)

describe('what a coach decided', () => {
  it('is in the week, just so, and says so', () => {
    const item = itemsOf({ [DRILL]: decided }).find(one => one.variationId === DRILL)!
    expect(item).toMatchObject({ dose: { sets: 2, amount: 20 }, setting: { bandN: 100 } })
    expect(item.why).toContain('As a coach has decided.')
  })

  it('goes no further than is allowed now: what would is prescribed anew, in whatever sets the week wants', () => {
    const tooFar: Decided = { ...decided, dose: { ...decided.dose, amount: 60 }, setting: { bandN: 300 } }
    const item = itemsOf({ [DRILL]: tooFar }).find(one => one.variationId === DRILL)
    expect(item?.setting.bandN ?? 0).toBeLessThan(300)
    expect(item?.why ?? '').not.toContain('As a coach has decided.')
  })

  it('is left out where it was left for another', () => {
    const given = itemsOf({})
    const left = given.find(one => one.slot !== 'activation')!.variationId
    expect(itemsOf({ [left]: null }).map(one => one.variationId)).not.toContain(left)
  })

  it('gives way to health: nothing contra-indicated comes by a decision', () => {
    const flagged = { ...standing, screen: { ...standing.screen, flags: ['wrist' as const] } }
    const hands: Decided = { dose: { sets: 2, amount: 20, unit: 'seconds', restS: 20 }, setting: {}, firm: true }
    const { plan } = proposeWeek({ context: { ...flagged, decided: { 'front-plank.hands': hands } }, sessions })
    expect(plan.sessions.flatMap(s => s.items).map(one => one.variationId)).not.toContain('front-plank.hands')
  })
})
