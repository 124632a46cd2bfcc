import { describe, expect, it } from 'vitest'
import { day, drill } from '../testing/smallWeek'
import { forbidden } from './places'

interface Over {
  readonly locks?: Parameters<typeof forbidden>[0]['locks']
  readonly session?: Parameters<typeof day>[2]
  readonly slot?: object
  readonly drill?: object
}
const hold = drill('hold', [2], 60, { AE: 10 }, { fatigue: 2 })
const rule = ({ locks, session, slot, drill: over }: Over = {}): string | null =>
  forbidden({ locks }, day('mon', 0, session), { id: 'after', ...slot }, { ...hold, ...over }, hold.doses[0]!)?.rule
    ?? null
const taken = (over: object = {}): Over =>
  ({ drill: { not: [{ session: 'mon', slot: 'after', rule: 'r', text: '', ...over }] } })

describe('a place', () => {
  it('is open where nothing speaks against it', () => { expect(rule()).toBeNull() })

  it.each<[string, Over, string]>([
    ['the coach has taken the drill out', { locks: { never: ['hold'] } }, 'lock'],
    ['the coach keeps it elsewhere', { locks: { only: { hold: ['before'] } } }, 'lock'],
    ['a rule takes the place away', taken(), 'r'], ['a rule takes this dose away', taken({ sets: 2 }), 'r'],
    ['the drill suits other places', { drill: { slots: ['before'] } }, 'slot'],
    ['it tires too much', { slot: { fatigue: 3 } }, 'fatigue'],
    ['it is longer than the session', { session: { capS: 119 } }, 'minutes'],
    ['it is longer than the place', { slot: { capS: 119 } }, 'minutes'],
  ])('is shut where %s', (_, over, expected) => { expect(rule(over)).toBe(expected) })

  it.each<[string, Over]>([
    ['the coach keeps it here', { locks: { only: { hold: ['after'] } } }],
    ['a rule takes another dose away', taken({ sets: 3 })], ['another session is meant', taken({ session: 'tue' })],
    ['it tires as much as may be', { slot: { fatigue: 4 } }], ['it fills the session', { session: { capS: 120 } }],
    ['half of it fits, in the rests of a lift', { session: { capS: 60 }, slot: { paired: true } }],
  ])('is open where %s', (_, over) => { expect(rule(over)).toBeNull() })
})
