import { describe, expect, it } from 'vitest'
import { day, drill, week } from '../testing/smallWeek'
import { checkInstance } from './check'
import type { WeekInstance } from './instance'

const hold = drill('hold', [1, 2], 60, { AE: 10 })
const lock = { variation: 'hold', session: 'mon', slot: 'after', sets: 1 }
const good = week({
  bands: { AE: { low: 1, high: 2 } }, sessions: [day('mon', 0), day('wed', 2)], variations: [hold],
  limits: { highOver: 5, restHours: 48 }, planes: { sagittal: 1 }, resisting: ['AE'], locks: { keep: [lock] },
})
const but = (over: Partial<WeekInstance>): WeekInstance => ({ ...good, ...over })
const session = (over: Parameters<typeof day>[2]): WeekInstance => but({ sessions: [day('mon', 0, over)] })
const variation = (over: object): WeekInstance => but({ variations: [{ ...hold, ...over }], locks: {} })
const dose = (over: object): WeekInstance => variation({ doses: [{ ...hold.doses[0]!, ...over }] })
const keep = (over: object): WeekInstance => but({ locks: { keep: [{ ...lock, ...over }] } })

describe('an instance', () => {
  it('that can be planned passes', () => { expect(() => { checkInstance(good) }).not.toThrow() })

  it.each<[string, WeekInstance]>([
    ['actions', but({ actions: ['AE', 'AE'] })], ['bands.XX', but({ bands: { XX: { low: 1, high: 2 } } })],
    ['bands.AE', but({ bands: { AE: { low: 3, high: 2 } } })],
    ['bands.AE', but({ bands: { AE: { low: 0.5, high: 2 } } })],
    ['bands.AE', but({ bands: { AE: { low: 1, high: 2, over: -1 } } })],
    ['sessions', but({ sessions: [day('mon', 0), day('mon', 2)] })],
    ['sessions.0.day', but({ sessions: [day('mon', 7)] })], ['sessions.0.capS', session({ capS: -1 })],
    ['sessions.0.workCapS', session({ workCapS: 1.5 })], ['sessions.0.items', session({ items: NaN })],
    ['sessions.0.slots', session({ slots: [{ id: 'a' }, { id: 'a' }] })],
    ['sessions.0.slots.a.fatigue', session({ slots: [{ id: 'a', fatigue: -1 }] })],
    ['sessions.0.lifts.XX', session({ lifts: { XX: 1 } })], ['variations', but({ variations: [hold, hold] })],
    ['variations.0.spineCost', variation({ spineCost: -1 })],
    ['variations.0.doses', variation({ doses: [hold.doses[0], hold.doses[0]] })],
    ['variations.0.cost', variation({ slotCosts: { after: -2 } })], ['variations.0.doses.0.sets', dose({ sets: 0 })],
    ['variations.0.doses.0.seconds', dose({ seconds: 0.5 })], ['variations.0.doses.0.seconds', dose({ fatigue: -1 })],
    ['variations.0.doses.0.seconds', dose({ cycles: 1.1 })],
    ['variations.0.doses.0.demand.AE', dose({ demand: { AE: -1 } })],
    ['variations.0.doses.0.demand.XX', dose({ demand: { XX: 1 } })],
    ['limits.distinct', but({ limits: { distinct: -1 } })], ['limits.restHours', but({ limits: { highOver: 5 } })],
    ['resisting', but({ resisting: ['XX'] })], ['planes.x', but({ planes: { x: 1.5 } })],
    ['locks.keep.0.variation', keep({ variation: 'none' })], ['locks.keep.0.session', keep({ session: 'none' })],
    ['locks.keep.0.slot', keep({ slot: 'none' })], ['locks.keep.0.sets', keep({ sets: 9 })],
  ])('is refused with %s named', (field, instance) => {
    expect(() => { checkInstance(instance) }).toThrow(expect.objectContaining({ name: 'DomainError', field }))
  })
})
