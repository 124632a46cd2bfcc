import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Write } from '~/device/write'
import { beginningSteps } from '~/words/beginning'
import BeginningSteps from './BeginningSteps.vue'
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

describe('the beginning', () => {
  const steps = beginningSteps({ groups: 0, equipment: 2, athletes: 0, weeks: 0, invited: 0 })
  const mounted = (props: object = {}) => mount(BeginningSteps, {
    props: { steps, squads: [], busy: false, problem: '', ...props },
    global: { stubs: { NuxtLink: { props: ['to'], template: '<a :href="to"><slot /></a>' } } },
  })

  it('says what is done and what comes next, and leads to each', () => {
    const shown = mounted()
    expect(shown.findAll('h2').map(one => one.text())).toEqual([
      '1. Squads (next)', '2. Equipment (done)', '3. Sport', '4. Roster (later)', '5. Lifts and the first week (later)',
      '6. Invitations (later)',
    ])
    expect(shown.findAll('a').map(one => one.attributes('href'))).toEqual([
      '/facility', '/sports', '/athletes/table', '/squad-week', '/staff',
    ])
  })

  it('takes a squad by its name, nothing without one, and keeps what was typed until it is taken', async () => {
    const shown = mounted({ problem: 'This name is in use here.' })
    await shown.get('form').trigger('submit')
    expect(shown.emitted('addSquad')).toBeUndefined()
    await shown.get('input').setValue('  Canoe ')
    await shown.get('form').trigger('submit')
    expect(shown.emitted('addSquad')).toEqual([['Canoe']])
    expect([shown.text().includes('in use here'), shown.get('input').element.value]).toEqual([true, '  Canoe '])
    await shown.setProps({ squads: ['Canoe'] })
    expect(shown.get('input').element.value).toBe('')
  })
})
