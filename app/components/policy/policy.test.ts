import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ScopeChoice from './ScopeChoice.vue'

const scopes = [
  { label: 'Everybody', options: [{ key: 'organisation/all', name: 'the organisation' }] },
  { label: 'Groups', options: [{ key: 'group/a', name: 'Judo' }, { key: 'group/b', name: 'Fencing' }] },
]
const choice = (rules: InstanceType<typeof ScopeChoice>['$props']['rules']) =>
  mount(ScopeChoice, { props: { scopes, chosen: 'group/b', rules } })

describe('whom rules are settled for', () => {
  it('is one of those in sight, and another by a choice', async () => {
    const wrapper = choice({ school: null, lines: {} })
    const select = wrapper.get('select')
    expect(select.element.value).toBe('group/b')
    await select.setValue('organisation/all')
    expect(wrapper.emitted('choose')).toEqual([['organisation/all']])
  })

  it('says what is settled now: the school, and how many lines beside it', () => {
    expect(choice({ school: null, lines: {} }).text()).toContain('no school of its own')
    const text = choice({ school: 'bodyLine', lines: { flexion: 'off' } }).text().replace(/\s+/g, ' ')
    expect(text).toContain('1 line beside it')
  })
})
