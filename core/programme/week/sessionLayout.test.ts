import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { item, session } from '../../testing/fixtures'
import { anyContext, anySessions } from '../../testing/arbitraries'
import { layOutSession } from './sessionLayout'
import { proposeWeek } from '..'

describe('the layout of a session', () => {
  it('never overlaps lifts and keeps every entry on the line', () => {
    fc.assert(
      fc.property(anyContext, anySessions, (ctx, sessions) => {
        for (const s of proposeWeek({ context: ctx, sessions }).plan.sessions) {
          const { entries, totalS } = layOutSession(s, STANDARD)
          const lifts = entries.filter(b => b.kind === 'lift')
          lifts.slice(1).forEach((b, i) =>
            expect(b.startS).toBeGreaterThanOrEqual(lifts[i]!.startS + lifts[i]!.durationS)
          )
          entries.forEach(b => expect(b.startS + b.durationS).toBeLessThanOrEqual(totalS))
          expect(entries).toHaveLength(s.lifts.length + s.items.length)
        }
      }),
      { seed: 31, numRuns: 60 },
    )
  })

  it('counts paired work half', () => {
    const alone = layOutSession({ ...session, items: [] }, STANDARD).totalS
    const paired =
      layOutSession({ ...session, items: [{ ...item, slot: 'paired', pairedWith: 'squat' }] }, STANDARD).totalS
    expect(paired - alone).toBe(45) // half of 90 s
  })
})
