import { describe, expect, it } from 'vitest'
import { STANDARD } from '../catalogue'
import { FLAG_IDS, FLAGS, UNTIL_CLEARED, type Flag } from './flags'

describe('flags', () => {
  it('come red first, and a red one sends to a clinician and takes nothing else', () => {
    const kinds = FLAG_IDS.map(id => FLAGS[id].kind)
    expect(kinds).toEqual([...kinds].sort((a, b) => (a === b ? 0 : a === 'red' ? -1 : 1)))
    for (const id of FLAG_IDS.filter(one => FLAGS[one].kind === 'red'))
      expect(FLAGS[id]).toMatchObject({ removes: [], means: expect.stringMatching(/^Refer to a clinician at once/) })
  })

  it('that are amber take something away, and say what to do', () => {
    for (const id of FLAG_IDS.filter(one => FLAGS[one].kind === 'amber')) {
      const flag: Flag = FLAGS[id]
      expect(flag.removes.length, id).toBeGreaterThan(0)
      expect(flag.means, id).toMatch(/\.$/)
    }
  })

  it('that forbid to hold the breath take the pressure away too', () => {
    for (const id of FLAG_IDS) {
      const flag: Flag = FLAGS[id]
      if (flag.noBreathHold) expect(flag.removes, id).toContain('pressureRise')
    }
  })

  it('leave open until cleared only drills there are, easy and unloaded', () => {
    for (const id of UNTIL_CLEARED) {
      const drill = STANDARD.find(id)
      expect(drill, id).toBeDefined()
      expect([drill?.fatigue, drill?.hazards.filter(h => ['loaded', 'maximal', 'ballistic'].includes(h))], id)
        .toEqual([1, []])
    }
  })
})
