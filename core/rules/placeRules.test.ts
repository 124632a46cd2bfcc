import { describe, expect, it } from 'vitest'
import { DRILL_RULES, HEALTH_RULES } from './drillRules'
import { PLACE_RULES } from './placeRules'
import { SESSION_RULES } from './sessionRules'
import { WEEK_RULES } from './weekRules'

const ALL = [...DRILL_RULES, ...PLACE_RULES, ...SESSION_RULES, ...WEEK_RULES]

describe('the rules', () => {
  it('have names of their own, a title and a source each', () => {
    expect(new Set(ALL.map(rule => rule.id)).size).toBe(ALL.length)
    for (const { id, title, source } of ALL) expect([title.length > 5, source.length > 3], id).toEqual([true, true])
  })

  it('stand in the list of what they look at', () => {
    const scopes = (rules: readonly { scope: string }[]): Set<string> => new Set(rules.map(rule => rule.scope))
    expect([scopes(PLACE_RULES), scopes(SESSION_RULES), scopes(WEEK_RULES)].map(s => [...s]))
      .toEqual([['place'], ['session'], ['week']])
    expect([...scopes(DRILL_RULES)]).toEqual(['drill'])
  })

  it('of health are among those about a drill, and stop', () => {
    const health = DRILL_RULES.filter(rule => HEALTH_RULES.includes(rule.id))
    expect(health.map(rule => rule.id).sort()).toEqual([...HEALTH_RULES].sort())
    expect(new Set(health.map(rule => rule.severity))).toEqual(new Set(['stop']))
  })
})
