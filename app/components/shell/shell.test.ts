import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Write } from '~/device/write'
import ConnectionBar from './ConnectionBar.vue'

const aSet = (id: string, more: Partial<Write> = {}): Write => ({
  id, key: id, label: 'A set', method: 'POST', path: '/api/logs', ...more,
})
const bar = (props: object) =>
  mount(ConnectionBar, { props: { writes: [], line: 'open', since: null, newer: false, ...props } })

describe('the bar of the connection', () => {
  it('is silent while everything goes through', () => {
    expect(bar({ writes: [aSet('a')] }).text()).toBe('')
  })

  it('says what waits on the device and what does only in this tab', () => {
    const text = bar({ writes: [aSet('a'), aSet('b'), aSet('c', { inTabOnly: true })], line: 'noConnection' }).text()
    expect(text).toContain('2 changes wait on this device')
    expect(text).toContain('2 sets')
    expect(text).toContain('1 change is held in')
  })

  it('says since when a page may be old, and that health is not known', () => {
    const at = new Date('2026-11-20T16:20:00').getTime()
    expect(bar({ since: at }).text()).toContain('Shown as it stood at 16:20: what was told about health since')
  })

  it('offers a newer version', async () => {
    const shown = bar({ newer: true })
    await shown.get('button').trigger('click')
    expect(shown.emitted('renew')).toHaveLength(1)
  })
})
