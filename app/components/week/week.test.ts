import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import type { Alternative, TrunkItem } from '~~/core/programme'
import ItemOverrule from './ItemOverrule.vue'
import LatestRuns from './LatestRuns.vue'
import SessionHead from './SessionHead.vue'
import StripItem from './StripItem.vue'
import WeekStep from './WeekStep.vue'

const variation = STANDARD.find('side-plank.feet')!
const item: TrunkItem = {
  id: 'i', variationId: variation.id, dose: { sets: 3, amount: 10, unit: 'seconds', restS: 5 }, slot: 'after',
  pairedWith: null, extraSetSide: null, setting: {}, why: '',
}
const swap = (over: Partial<Alternative> = {}): Alternative => ({
  variation, dose: item.dose, change: 0, conflicts: [], ...over,
} as Alternative)

describe('the week and those beside it', () => {
  it('go by a week, there and back, over a month’s end', async () => {
    const wrapper = mount(WeekStep, { props: { modelValue: '2026-04-06' } })
    const [before, after] = wrapper.findAll('button')
    await before?.trigger('click')
    await after?.trigger('click')
    expect(wrapper.emitted('update:modelValue')).toEqual([['2026-03-30'], ['2026-04-06']])
  })
})

describe('runs of late', () => {
  it('say when, by whom and how many weeks, and open', async () => {
    const runs = [{ id: 'r', startsOn: '2026-03-02', weeks: 3, askedBy: 'Maren', cancelled: true }]
    const wrapper = mount(LatestRuns, { props: { runs } })
    const text = wrapper.get('li').text().replace(/\s+/g, ' ')
    for (const part of ['and 2 more', 'asked by Maren', 'cancelled']) expect(text).toContain(part)
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('open')).toEqual([['r']])
  })
})

describe('the head of a session', () => {
  const head = (editable: boolean) =>
    mount(SessionHead, { props: { title: 'Mon 2', kind: 'high day', minutes: 60, editable } })

  it('says its day and minutes to everybody, and lets only those change it who may', async () => {
    expect(head(false).text()).toContain('60 min')
    expect(head(false).find('button').exists()).toBe(false)
    const wrapper = head(true)
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect(Object.keys(wrapper.emitted()).filter(name => name !== 'click').sort())
      .toEqual(['addDrill', 'addLift', 'extras', 'options'])
  })
})

describe('a drill on the line', () => {
  const place = { item, name: 'Side plank', dose: '3 × 10 s', barX: 0, barWidth: 20, labelX: 0, labelWidth: 90, row: 0 }
  const strip = (over: object = {}) =>
    mount(StripItem, {
      props: {
        place, drill: variation, broken: undefined, selected: false, marked: false, editable: true, lineY: 40,
        rowPx: 37, ...over,
      } as InstanceType<typeof StripItem>['$props'],
    })
  const conflict = (blocks: boolean) => ({ rule: 'flag', sessionId: 's', itemId: 'i', text: 'Wrist.', blocks })

  it('is selected by a click, and marked by one with a key held', async () => {
    const wrapper = strip()
    await wrapper.get('button').trigger('click')
    await wrapper.get('button').trigger('click', { ctrlKey: true })
    expect([wrapper.emitted('select')?.length, wrapper.emitted('mark')?.length]).toEqual([1, 1])
  })

  it('is struck out where it may not be trained, and only marked where a rule is bent', () => {
    const struck = [true, false].map(blocks => strip({ broken: conflict(blocks) }).find('s').exists())
    expect(struck).toEqual([true, false])
    expect(strip({ broken: conflict(false) }).text()).toContain('Wrist.')
  })

  it('can be taken hold of only by those who may move it', () => {
    expect(strip({ editable: false }).find('[data-item]').exists()).toBe(false)
    expect(strip().findAll('[data-item]').map(one => one.attributes('data-item'))).toEqual(['i', 'i'])
  })
})

describe('overruling', () => {
  const overrule = (swaps: readonly Alternative[], costs: readonly number[], drop = 0, editable = true) =>
    mount(ItemOverrule, { props: { item, swaps, costs: { swaps: costs, drop }, editable } })

  it('says what each stand-in costs: a broken rule first, then what is left wanting, then the time', () => {
    const conflict = { rule: 'flag', sessionId: '', itemId: 'i', text: 'Wrist.', blocks: true }
    const broken = swap({ conflicts: [conflict] } as never)
    const wrapper = overrule([broken, swap(), swap(), swap({ change: -0.2 }), swap()], [9, 3, -0.4, 0, 0])
    expect(wrapper.findAll('ol .figure').map(one => one.text()))
      .toEqual(['Wrist.', 'costs 3', 'gains 0.4', 'costs nothing, −0.2 full sets', 'costs nothing'])
  })

  it('says what leaving it out costs, and that nothing else may stand here', () => {
    const wrapper = overrule([], [], 4.16)
    expect(wrapper.text()).toContain('costs 4.2')
    expect(wrapper.text()).toContain('Nothing else is admissible here.')
  })

  it('is for those who may', async () => {
    expect(overrule([swap()], [0], 0, false).findAll('button').filter(b => b.attributes('disabled') === undefined))
      .toEqual([])
    const wrapper = overrule([swap()], [0])
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect([wrapper.emitted('swap'), wrapper.emitted('nudge'), wrapper.emitted('keep'), wrapper.emitted('remove')])
      .toEqual([[[0]], [[-1], [1]], [[]], [[]]])
  })
})
