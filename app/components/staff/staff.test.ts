import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { StaffMember } from '~~/shared/types'
import StaffTable from './StaffTable.vue'

const member = (over: Partial<StaffMember> = {}): StaffMember => ({
  id: 'm', name: 'Maren', email: 'maren@larkholm.example', role: 'coach', state: 'active', groupIds: ['g'], version: 1,
  ...over,
} as StaffMember)
const table = (members: StaffMember[]) =>
  mount(StaffTable, { props: { members, groups: [{ id: 'g', name: 'Judo' }], busy: false } })

describe('the staff', () => {
  it('see everybody, their groups, or nobody yet', () => {
    const rows = table([member({ role: 'headCoach' }), member({ id: 'n' }), member({ id: 'o', groupIds: [] })])
      .findAll('tbody tr').map(row => row.text())
    expect(['everybody', 'Judo', 'nobody yet'].map((seen, i) => rows[i]?.includes(seen))).toEqual([true, true, true])
  })

  it('that are invited get the link again; others only change', async () => {
    const invited = member({ state: 'invited' })
    expect(table([member()]).text()).not.toContain('Send the link again')
    const wrapper = table([invited])
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect([wrapper.emitted('again'), wrapper.emitted('open')]).toEqual([[[invited]], [[invited]]])
  })
})
