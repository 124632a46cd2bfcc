import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { findVariation, STANDARD } from '~~/core/catalogue'
import SelectField from '~/components/common/SelectField.vue'
import OwnDrillFacts from './OwnDrillFacts.vue'

const draft = { ...findVariation('side-plank.feet')!, id: 'side-plank.own-x' }
const facts = (change: Partial<typeof draft> = {}) =>
  mount(OwnDrillFacts, { props: { draft: { ...draft, ...change }, catalogue: STANDARD, problems: {} } })
const sum = (wrapper: ReturnType<typeof facts>) => wrapper.get('legend span')

describe('what a drill of one’s own is there for', () => {
  it('is put, and taken back, without touching the shares that were typed', async () => {
    const wrapper = facts()
    const named = (field: { props: () => unknown }): string => (field.props() as { name: string }).name
    const kind = wrapper.findAllComponents(SelectField).find(field => named(field) === 'kind')!
    kind.vm.$emit('update:modelValue', 'activation')
    kind.vm.$emit('update:modelValue', '')
    await wrapper.vm.$nextTick()
    expect(wrapper.emitted('put')).toEqual([[{ kind: 'activation' }], [{ kind: undefined }]])
  })

  it('lets a drill that loads nothing sum to 0, and work only to 100', () => {
    expect(sum(facts({ shares: {} })).classes()).toContain('problem')
    expect(sum(facts({ shares: {}, kind: 'brace' })).classes()).not.toContain('problem')
    expect(sum(facts({ shares: { flexion: 0.4 }, kind: 'brace' })).classes()).toContain('problem')
  })
})
