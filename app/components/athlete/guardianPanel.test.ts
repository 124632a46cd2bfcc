import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { GuardianAnswer } from '~~/shared/types'
import GuardianPanel from './GuardianPanel.vue'

const coaches = [{ id: 'a', name: 'Ivo Strand' }, { id: 'b', name: 'Tobin Kelp' }]
const panel = (found: Partial<GuardianAnswer>, govern: boolean) => mount(GuardianPanel, {
  props: { found: { guardian: null, coaches, ...found }, govern, busy: false, fields: {}, said: '' },
})
const guardian = { version: 3, name: 'Ana Holm', contact: '+00 12', consentOn: '2026-03-01', coaches: ['b'] }

describe('an athlete under 18', () => {
  it('without a consent says so, and is stored over nothing', async () => {
    const form = panel({}, true)
    expect(form.text()).toContain('No guardian’s consent is written down.')
    const [name, contact, day] = form.findAll('input.field')
    await name!.setValue(' Ana Holm ')
    await contact!.setValue('+00 12')
    await day!.setValue('2026-03-01')
    await form.findAll('input[type=checkbox]')[1]!.trigger('change')
    await form.trigger('submit')
    expect(form.emitted('save')).toEqual([[{ ...guardian, version: 0 }]])
  })

  it('shows a coach who reads the answers, to a head coach the choice', () => {
    expect(panel({ guardian }, false).text()).toContain('Health answers are read by head coaches and Tobin Kelp.')
    expect(panel({ guardian }, false).findAll('input[type=checkbox]')).toHaveLength(0)
    const boxes = panel({ guardian }, true).findAll<HTMLInputElement>('input[type=checkbox]')
    expect(boxes.map(box => box.element.checked)).toEqual([false, true])
    expect(panel({ guardian }, true).text()).not.toContain('No guardian’s consent')
  })
})
