import { mount, RouterLinkStub } from '@vue/test-utils'
import { afterEach, describe, expect, it } from 'vitest'
import ConflictChoice from './ConflictChoice.vue'
import FileKind from './FileKind.vue'
import RoomPage from './RoomPage.vue'

afterEach(() => { document.body.innerHTML = '' })

describe('the frame of a room', () => {
  const ready = { state: 'ready', problem: '' } as const
  const room = (readings: InstanceType<typeof RoomPage>['$props']['readings'], empty: string | null = null) =>
    mount(RoomPage, { props: { readings, empty }, slots: { default: '<p>The room</p>', empty: '<a>Begin</a>' } })

  it('shows the room only when all it needs is read', () => {
    expect(room([ready, { state: 'loading', problem: '' }]).text()).not.toContain('The room')
    expect(room([ready, { state: 'idle', problem: '' }]).text()).not.toContain('The room')
    expect(room([ready, ready]).text()).toBe('The room')
  })

  it('says what failed, whatever else is read, and asks again on request', async () => {
    const wrapper = room([ready, { state: 'failed', problem: 'The line is down.' }, { state: 'loading', problem: '' }])
    expect(wrapper.text()).toContain('The line is down.')
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('retry')).toHaveLength(1)
  })

  it('says that nothing is there, and the next step', () => {
    const wrapper = room([ready], 'Nobody yet.')
    expect(['Nobody yet.', 'Begin', 'The room'].map(part => wrapper.text().includes(part))).toEqual([true, true, false])
  })
})

describe('a choice between two versions', () => {
  const rows = [
    { key: 'name', what: 'Name', mine: 'Ilse', theirs: 'Ilse T.' },
    { key: 'goal', what: 'Goal', mine: 'a', theirs: 'b' },
  ]
  const clash = () => {
    const wrapper = mount(ConflictChoice, {
      props: { who: 'Maren', subject: 'this athlete', rows, others: ['Sport: judo'] }, attachTo: document.body,
    })
    const find = <T extends Element>(selector: string): T[] => [...document.querySelectorAll<T>(selector)]
    const press = async (text: string): Promise<void> => {
      find<HTMLButtonElement>('button').find(b => b.textContent?.trim() === text)?.click()
      await wrapper.vm.$nextTick()
    }
    return { wrapper, find, press }
  }

  it('is mine until it is said otherwise, field by field', async () => {
    const { wrapper, find, press } = clash()
    await wrapper.vm.$nextTick()
    const boxes = find<HTMLInputElement>('input[type=radio]')
    expect(boxes.map(box => box.checked)).toEqual([true, false, true, false])
    boxes[3]?.click()
    await press('Store this choice')
    expect(wrapper.emitted('choose')).toEqual([[{ goal: 'theirs' }]])
  })

  it('is all of one by a click, and tells what was taken in without a question', async () => {
    const { wrapper, press } = clash()
    await wrapper.vm.$nextTick()
    expect(document.body.textContent).toContain('Taken in without a question: Sport: judo.')
    await press('Maren')
    await press('Store this choice')
    expect(wrapper.emitted('choose')).toEqual([[{ name: 'theirs', goal: 'theirs' }]])
  })
})

describe('a kind of file', () => {
  const kind = (editable: boolean) =>
    mount(FileKind, { props: { title: 'Tests', says: 'All of them.', busy: false, editable } })

  it('goes out both ways', async () => {
    const wrapper = kind(true)
    for (const button of wrapper.findAll('button')) await button.trigger('click')
    expect(wrapper.emitted('write')).toEqual([['csv'], ['json']])
  })

  it('comes in for those who may, and for nobody else', async () => {
    expect(kind(false).find('input').exists()).toBe(false)
    const wrapper = kind(true)
    await wrapper.get('input').trigger('change')
    expect(wrapper.emitted('choose')).toHaveLength(1)
  })

  it('with a room of its own comes in there', () => {
    const wrapper = mount(FileKind, {
      props: { title: 'Roster', says: '', busy: false, editable: true, room: ['/athletes/table', 'Bring them in'] },
      global: { stubs: { NuxtLink: RouterLinkStub } },
    })
    const link = wrapper.getComponent(RouterLinkStub)
    expect([link.props('to'), link.text()]).toEqual(['/athletes/table', 'Bring them in'])
    expect(wrapper.find('input').exists()).toBe(false)
  })
})
