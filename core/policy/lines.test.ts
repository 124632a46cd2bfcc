import { describe, expect, it } from 'vitest'
import { DEFAULT_POLICY, LINE_IDS, POLICY_LINES } from './lines'

describe('lines of a policy', () => {
  it.each(LINE_IDS)('%s has at least two choices, says what hangs on it and why people differ', (id) => {
    const { title, changes, dispute, choices } = POLICY_LINES[id]
    expect(Object.keys(choices).length).toBeGreaterThan(1)
    expect([title.length > 2, changes.length > 5, dispute.endsWith('.')]).toEqual([true, true, true])
    expect(new Set(Object.values(choices)).size).toBe(Object.keys(choices).length)
  })

  it('each have a usual choice that is one of theirs', () => {
    expect(Object.keys(DEFAULT_POLICY).sort()).toEqual([...LINE_IDS].sort())
    for (const id of LINE_IDS) expect(Object.keys(POLICY_LINES[id].choices)).toContain(DEFAULT_POLICY[id])
  })
})
