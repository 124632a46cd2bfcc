import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { openPain, type PainSet } from '.'

const set = (day: string, hurt: boolean, over: Partial<PainSet> = {}): PainSet => ({
  variationId: 'x', day, at: `${day}T10:00:00Z`, hurt, place: hurt ? 'lowBack' : null, ...over,
})
const decided = (at: string, verdict: 'goOn' | 'leaveOut' | 'refer') => ({ variationId: 'x', verdict, at })
const stateOf = (...of: Parameters<typeof openPain>) => openPain(...of).map(p => [p.state, p.times])

describe('a drill that hurt', () => {
  it.each(
    [
      ['once: it waits', [set('2026-03-02', true)], [], [['waits', 1]]],
      ['and was clean since: it still waits for a word', [set('2026-03-02', true), set('2026-03-04', false)], [], [[
        'waits', 1,
      ]]],
      ['and a coach goes on with it', [set('2026-03-02', true)], [decided('2026-03-02T12:00:00Z', 'goOn')], []],
      ['once more after that: twice running', [set('2026-03-02', true), set('2026-03-04', true)], [
        decided('2026-03-02T12:00:00Z', 'goOn'),
      ], [['locked', 2]]],
      [
        'with a clean day between: not running',
        [set('2026-03-02', true), set('2026-03-03', false), set('2026-03-04', true)],
        [decided('2026-03-02T12:00:00Z', 'goOn')], [['waits', 1]],
      ],
      ['twice in one session', [set('2026-03-02', true), set('2026-03-02', true, { at: '2026-03-02T10:05:00Z' })], [], [
        ['locked', 2],
      ]],
      ['and was referred', [set('2026-03-02', true)], [decided('2026-03-02T12:00:00Z', 'refer')], [['locked', 1]]],
      ['and is left out', [set('2026-03-02', true)], [decided('2026-03-02T12:00:00Z', 'leaveOut')], [['leftOut', 1]]],
      ['after an older decision', [set('2026-03-04', true)], [decided('2026-03-02T12:00:00Z', 'goOn')], [['waits', 1]]],
    ] as const,
  )('%s', (_, sets, decisions, states) => {
    expect(stateOf(sets, decisions)).toEqual(states)
  })

  it('is told the same in whatever order its sets arrive, and never of another drill', () => {
    const any = fc.record({
      day: fc.integer({ min: 1, max: 6 }), minute: fc.integer({ min: 10, max: 59 }), hurt: fc.boolean(),
    })
      .map(({ day, minute, hurt }) => set(`2026-03-0${day}`, hurt, { at: `2026-03-0${day}T10:${minute}:00Z` }))
    fc.assert(
      fc.property(
        fc.uniqueArray(any, {
          maxLength: 8, selector: s => s.at,
        }).chain(sets => fc.tuple(fc.constant(sets), fc.shuffledSubarray(sets, { minLength: sets.length }))),
        ([sets, shuffled]) => {
          expect(openPain(shuffled, [])).toEqual(openPain(sets, []))
          expect(openPain(sets, []).length).toBe(sets.some(s => s.hurt) ? 1 : 0)
        },
      ),
      { seed: 3 },
    )
  })
})
