import { describe, expect, it } from 'vitest'
import { VARIATIONS } from '../../catalogue'
import { isAdmissible } from '../../screening'
import { context, item, lift, session, variation } from '../../testing/fixtures'
import { candidates, keepsRules, mayOn, optionsFor } from './candidates'

const flagged = (...flags: typeof context.screen.flags) => ({ ...context, screen: { ...context.screen, flags } })
const ids = (of: typeof context, before: Parameters<typeof optionsFor>[2] = null): Set<string> =>
  new Set(optionsFor(of, [0], before).map(o => o.variation.id))

describe('what may be given', () => {
  it('is what screening lets through, and nothing else', () => {
    for (const one of [context, flagged('wrist'), flagged('backPainBending')])
      expect([...ids(one)].sort()).toEqual(VARIATIONS.filter(v => isAdmissible(v, one.screen)).map(v => v.id).sort())
  })

  it('is not what the coach has locked out', () => {
    const never = { ...context, rules: { ...context.rules, never: [variation.id] } }
    expect([ids(context).has(variation.id), ids(never).has(variation.id)]).toEqual([true, false])
  })

  it('on a day of its own is judged on that day', () => {
    const screens = Array.from({ length: 7 }, (_, day) =>
      day === 2 ? flagged('chestPain').screen : context.screen)
    const week = { ...context, screens }
    expect([mayOn(1, variation, null, week), mayOn(2, variation, null, week)]).toEqual([true, false])
    expect(optionsFor(week, [2])).toEqual([])
    expect(optionsFor(week, [1, 2]).length).toBeGreaterThan(0)
  })

  it('holds no longer than a flag allows', () => {
    const long = { ...variation.doses[0]!, amount: 30 }
    expect([mayOn(0, variation, long, context), mayOn(0, variation, long, flagged('backPainBending'))])
      .toEqual([true, false])
  })

  it('has one set more on the weaker side of the weak link', () => {
    const weak = { ...context, weakLink: 'antiLateralFlexion' as const, weakSide: 'left' as const }
    const [option] = optionsFor(weak, [0]).filter(o => o.variation.id === variation.id)
    expect(option?.extraSetSide).toBe('left')
  })

  it('goes on inside a block from last week’s dose, or a set less', () => {
    const block = { phase: null, week: 2, weeks: 4, load: 1 }
    const inBlock = { ...context, rules: { ...context.rules, block } }
    const before = { sessions: [{ ...session, items: [item] }] }
    const sets = optionsFor(inBlock, [0], before).filter(o => o.variation.id === variation.id).map(o => o.dose.sets)
    expect(sets[1]).toBe((sets[0] ?? 0) + 1)
    expect(sets).toHaveLength(2)
  })
})

describe('where it may stand', () => {
  const options = optionsFor(context, [0])

  it('is any open place, no ladder twice in a session', () => {
    const found = candidates(options, [{ ...session, items: [item] }])
    expect(found.length).toBeGreaterThan(100)
    expect(found.filter(c => c.option.variation.ladder === variation.ladder)).toEqual([])
    expect(new Set(found.map(c => c.item.pairedWith))).toEqual(new Set([null, lift.id]))
  })

  it('is nowhere in a session that is full', () => {
    const items = Array.from({ length: 12 }, (_, i) => ({ ...item, id: `i${i}` }))
    expect(candidates(options, [{ ...session, items }])).toEqual([])
  })

  it('keeps the rules of its place, or is told that it does not', () => {
    const option = { variation }
    expect(keepsRules({ session, item, option }, context)).toBe(true)
    expect(keepsRules({ session, item, option }, flagged('chestPain'))).toBe(false)
  })
})
