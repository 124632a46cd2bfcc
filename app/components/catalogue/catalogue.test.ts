import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import FaultsField from './FaultsField.vue'
import NeedsField from './NeedsField.vue'

describe('faults and their mends', () => {
  const faults = [{ see: 'Sags', fix: 'Lift' }, { see: 'Turns', fix: 'Square' }]
  const field = (list = faults, problems = {}) => mount(FaultsField, { props: { faults: list, problems } })

  it('are changed one word at a time', async () => {
    const wrapper = field()
    await wrapper.findAll('input, textarea')[1]?.setValue('Shorter')
    expect(wrapper.emitted('put')).toEqual([[[{ see: 'Sags', fix: 'Shorter' }, faults[1]]]])
  })

  it('are at least one and at most eight', async () => {
    expect(field([faults[0]!]).get('button[aria-label="Take fault 1 out"]').attributes('disabled')).toBeDefined()
    const wrapper = field()
    await wrapper.get('button[aria-label="Take fault 1 out"]').trigger('click')
    expect(wrapper.emitted('put')).toEqual([[[faults[1]]]])
    expect(field(Array.from({ length: 8 }, () => faults[0]!)).text()).not.toContain('Another fault')
  })

  it('have their problem beside them', () => {
    expect(field(faults, { 'faults.1.fix': 'Say its fix.' }).text()).toContain('Say its fix.')
  })
})

describe('what a drill needs', () => {
  const field = (needs: InstanceType<typeof NeedsField>['$props']['needs']) => mount(NeedsField, { props: { needs } })

  it('is the floor where nothing is named', () => { expect(field([]).text()).toContain('only the floor') })

  it('is met by any one thing on a line: one more, one less, and the line goes with its last', async () => {
    const wrapper = field([['band', 'cable']])
    await wrapper.findAll('select')[0]?.setValue('wall')
    await wrapper.get('button[aria-label="Take Cable column out"]').trigger('click')
    expect(wrapper.emitted('put')).toEqual([[[['band', 'cable', 'wall']]], [[['band']]]])
    const last = field([['band']])
    await last.get('button').trigger('click')
    expect(last.emitted('put')).toEqual([[[]]])
  })

  it('grows by a line', async () => {
    const wrapper = field([['band']])
    await wrapper.get('select[aria-label="Something it also needs"]').setValue('wall')
    expect(wrapper.emitted('put')).toEqual([[[['band'], ['wall']]]])
  })
})
