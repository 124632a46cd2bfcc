import { describe, expect, it } from 'vitest'
import { day, drill, week } from '../../testing/smallWeek'
import type { PlannerItem, WeekInstance } from '../instance'
import { evaluatePlan } from './evaluatePlan'

const at = (session: string, variation: string, sets = 1, slot = 'after'): PlannerItem =>
  ({ session, slot, variation, sets })
const hold = drill('hold', [1, 2], 60, { AE: 10 }, { group: 'g', planes: ['sagittal'], spineCost: 1, fatigue: 1 })
const base = week({ actions: ['AE'], sessions: [day('mon', 0), day('tue', 1), day('fri', 4)], variations: [hold] })
const broken = (instance: WeekInstance, ...plan: PlannerItem[]): string[] =>
  evaluatePlan(instance, plan).broken.map(({ rule, where, by }) => `${rule} ${where} ${by}`)

describe('a plan recounted', () => {
  it('breaks nothing where nothing is in its way', () => {
    expect(broken(base, at('mon', 'hold'), at('tue', 'hold', 2))).toEqual([])
  })

  it('names what there is not', () => {
    expect(broken(base, at('sun', 'hold'), at('mon', 'none'), at('mon', 'hold', 9), at('mon', 'hold', 1, 'x')))
      .toEqual([
        'unknown sun/after/hold 1', 'unknown mon/after/none 1', 'unknown mon/after/hold 1', 'unknown mon/x/hold 1',
      ])
  })

  it.each<[string, Partial<WeekInstance>, string[]]>([
    ['appearances', { limits: { appearances: 1 } }, ['appearances hold 1']],
    ['a ladder in the week', { limits: { groupPerWeek: 1 } }, ['group g 1']],
    ['spine cost', { limits: { spineCost: 1 } }, ['spineCost week 1']],
    ['cycles', { limits: { cycles: 2 } }, ['cycles week 1']],
    ['rest', { limits: { highOver: 9, restHours: 48 } }, ['rest AE on mon and tue 1']],
    ['different drills', { limits: { distinct: 0 } }, ['distinct week 1']],
    ['minutes', { sessions: [day('mon', 0, { capS: 50 }), day('tue', 1)] }, ['minutes mon 10']],
    ['minutes of work', { sessions: [day('mon', 0, { workCapS: 50 }), day('tue', 1)] }, ['minutes mon 10']],
    ['items', { sessions: [day('mon', 0, { items: 0 }), day('tue', 1)] }, ['items mon 1']],
    ['fatigue', { sessions: [day('mon', 0), day('tue', 1, { slots: [{ id: 'after', fatigue: 1 }] })] },
      ['fatigue tue/after 1']],
  ])('counts %s past its limit', (_, over, expected) => {
    expect(broken({ ...base, ...over }, at('mon', 'hold'), at('tue', 'hold', 2))).toEqual(expected)
  })

  it('counts a drill twice in a session once too often', () => {
    expect(broken(base, at('mon', 'hold'), at('mon', 'hold', 2))).toEqual(['once mon/hold 1', 'group mon/g 1'])
  })

  it('counts places that a rule or the coach took away, but for what is locked there', () => {
    const rule = { ...hold, not: [{ session: 'mon', slot: 'after', rule: 'heavyLift', text: '' }], slots: ['before'] }
    const instance = { ...base, variations: [rule], locks: { never: ['hold'], only: { hold: ['before'] } } }
    expect(broken(instance, at('mon', 'hold'))).toEqual(
      ['lock', 'lock', 'heavyLift', 'slot'].map(r => `${r} mon/after/hold 1`),
    )
    expect(broken({ ...instance, locks: { ...instance.locks, keep: [at('mon', 'hold')] } }, at('mon', 'hold')))
      .toEqual([])
  })

  it('misses what is locked and not there, unless it may not be given', () => {
    const locked = { ...base, locks: { keep: [at('mon', 'hold')] } }
    expect(broken(locked)).toEqual(['lock mon/after/hold 1'])
    const removed = { ...hold, removed: { rule: 'flag', text: '' } }
    expect(broken({ ...locked, variations: [removed] })).toEqual([])
    expect(broken({ ...locked, variations: [removed] }, at('mon', 'hold'))).toEqual(['flag mon/after/hold 1'])
  })

  it('tells what is wanting with its price, lifts past a band not counted', () => {
    const { relaxations, goal, doses } = evaluatePlan({
      ...base, bands: { AE: { low: 50, high: 60, weight: 2 } }, planes: { sagittal: 2 }, previous: ['hold', 'row'],
      keep: 2,
    }, [at('mon', 'hold')])
    expect(relaxations).toEqual([
      { want: 'short', of: 'AE', by: 40, cost: 80 }, { want: 'plane', of: 'sagittal', by: 1, cost: 30 },
      { want: 'keep', of: 'last week', by: 1, cost: 10 },
    ])
    expect([goal, doses]).toEqual([120, { AE: 10 }])
    const lifted = { ...base, bands: { AE: { low: 5, high: 8 } }, sessions: [day('mon', 0, { lifts: { AE: 90 } })] }
    expect(evaluatePlan(lifted, []).relaxations).toEqual([])
    expect(evaluatePlan(lifted, [at('mon', 'hold')]).relaxations.map(r => [r.want, r.by])).toEqual([['over', 10]])
  })

  it('has a second level: cost, minutes, drills that are new, high doses less than 72 hours apart', () => {
    const instance = {
      ...base, sessions: [day('mon', 0), day('wed', 2)], previous: ['row'],
      variations: [{ ...hold, cost: 3 }], limits: { highOver: 9, restHours: 48 },
    }
    // Twice three and a tenth a minute for three minutes, two for a new drill, one for Monday and Wednesday.
    expect(evaluatePlan(instance, [at('mon', 'hold'), at('wed', 'hold', 2)]).preference).toBeCloseTo(6 + 0.3 + 2 + 1)
  })
})
