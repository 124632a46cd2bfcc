import { describe, expect, it } from 'vitest'
import { LINE_IDS, POLICY_LINES } from './lines'
import { SCHOOL_IDS, SCHOOL_LINES } from './schools'

describe('schools', () => {
  it('set only lines there are, to choices there are, and away from the usual in something', () => {
    for (const id of SCHOOL_IDS) {
      const lines = Object.entries(SCHOOL_LINES[id])
      expect(lines.length, id).toBeGreaterThan(0)
      for (const [line, choice] of lines) {
        expect(LINE_IDS, `${id}.${line}`).toContain(line)
        expect(Object.keys(POLICY_LINES[line as keyof typeof POLICY_LINES].choices), `${id}.${line}`).toContain(choice)
      }
    }
  })

  it('differ from each other', () => {
    const all = SCHOOL_IDS.map(id => JSON.stringify(SCHOOL_LINES[id]))
    expect(new Set(all).size).toBe(all.length)
  })
})
