import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { SignedInDevice } from '~~/shared/types'
import CodePicture from './CodePicture.vue'
import DeviceList from './DeviceList.vue'
import SecondFactor from './SecondFactor.vue'

beforeEach(() => { vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-03-04T12:00:00') }) })
afterEach(() => { vi.useRealTimers() })
const device = (over: Partial<SignedInDevice>): SignedInDevice => ({
  id: 'a', device: 'Firefox on Android', own: false, beganAt: '2026-03-01T08:00:00', seenAt: '2026-03-04T09:40:00',
  here: false, ...over,
})

describe('devices', () => {
  it('say where and since when, and every one but this is signed out there', async () => {
    const list = mount(DeviceList, {
      props: { devices: [device({ id: 'here', here: true }), device({ id: 'b', own: true })], busy: false },
    })
    const [here, other] = list.findAll('li')
    expect(here!.text()).toContain('this one')
    expect(here!.find('button').exists()).toBe(false)
    expect(other!.text()).toMatch(/your own.*signed in 3 days ago, last used today 09:40/s)
    await other!.find('button').trigger('click')
    expect(list.emitted('end')).toEqual([['b']])
  })
})

describe('a second factor', () => {
  const props = { on: false, head: true, begun: null, recovery: [], busy: false, problems: {} }
  const submit = async (over: object, field: string | null, text = ''): Promise<Record<string, unknown[][]>> => {
    const form = mount(SecondFactor, { props: { ...props, ...over } })
    if (field) await form.find(`input[name=${field}], #${field}, input`).setValue(text)
    await form.trigger('submit')
    return form.emitted() as Record<string, unknown[][]>
  }

  it('goes from the password over a first code to codes that are kept, and is taken away by the password', async () => {
    const begun = { secret: 'ABCDEFGH', uri: 'otpauth://totp/x?secret=ABCDEFGH' }
    expect((await submit({}, 'factor-password', 'pw')).prepare).toEqual([['pw']])
    expect((await submit({ begun }, 'factor-code', '123456')).add).toEqual([['123456']])
    expect((await submit({ on: true, recovery: ['AAAAA-BBBBB'] }, null)).kept).toEqual([[]])
    expect((await submit({ on: true }, 'factor-password', 'pw')).end).toEqual([['pw']])
  })

  it('is asked of whoever governs, and says beside the field what is wrong', () => {
    const form = mount(SecondFactor, { props: { ...props, problems: { password: 'Not it.' } } })
    expect(form.text()).toMatch(/please set one up.*Not it\./s)
    expect(mount(SecondFactor, { props: { ...props, head: false } }).text()).not.toContain('please set one up')
  })

  it('shows the key in letters, too', () => {
    const form = mount(SecondFactor, { props: { ...props, begun: { secret: 'ABCDEFGH', uri: 'otpauth://x' } } })
    expect(form.text()).toContain('ABCD EFGH')
    expect(form.find('svg[role=img] path').attributes('d')).toMatch(/^M\d+ \d+h1v1h-1z/)
  })
})

it('another text is another picture', () => {
  const of = (text: string) => mount(CodePicture, { props: { text, label: 'x' } }).find('path').attributes('d')
  expect(of('one')).not.toBe(of('two'))
})
