import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import type { PrescribedItem, PrescribedSession } from '~~/shared/types'
import ComingUp from './ComingUp.vue'
import DrillWords from './DrillWords.vue'
import RestTimer from './RestTimer.vue'
import TodayDrill from './TodayDrill.vue'
import TodaySession from './TodaySession.vue'

const item = {
  setting: {},
  id: 'i', variationId: 'side-plank.feet', name: 'Side plank', purpose: 'Holds the side.', why: 'Serves it.',
  dose: { sets: 2, amount: 10, unit: 'seconds', restS: 5 }, sides: 'each', slot: 'after', pairedWithLift: null,
  extraSetSide: null, setUp: 'On one elbow.', faults: [{ see: 'Hip sags', fix: 'Lift it.' }],
  cues: { inside: 'Ribs down.', outside: 'Push away.' }, notes: ['Slowly.'], stopped: null,
} as unknown as PrescribedItem

describe('a drill of the day', () => {
  const drill = (over: Partial<PrescribedItem> = {}) =>
    mount(TodayDrill, {
      props: {
        item: { ...item, ...over }, lifts: [],
        done: 1, all: 4, busy: false, units: { mass: 'kg', length: 'cm' },
      },
    })

  it('says where it goes, its dose, why, and how far it is done', () => {
    const text = drill({ pairedWithLift: 'Deadlift', extraSetSide: 'left' }).text()
    for (const part of ['between sets of deadlift', 'one more left', 'Serves it.', 'Slowly.', '1 of 4 sets logged'])
      expect(text).toContain(part)
  })

  it('comes after the lifts only where there are some', () => {
    expect(drill().text()).toContain('the day’s work')
    expect(drill().text()).not.toContain('after the lifts')
  })

  it('that is stopped says only that, and takes what is offered', async () => {
    const instead = { variationId: 'front-plank.wall', name: 'Wall plank', dose: item.dose, sides: 'both' as const }
    const wrapper = drill({ stopped: { text: 'Not now.', instead } })
    expect(wrapper.text()).toContain('Not now.')
    expect(wrapper.text()).not.toContain('sets logged')
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('take')).toHaveLength(1)
    expect(drill({ stopped: { text: 'Not now.', instead: null } }).find('button').exists()).toBe(false)
  })
})

describe('a session by the clock', () => {
  it('says its warm-up and its circuit, and which drills are stations of it', () => {
    const circuit = { id: 'c', rounds: 3, workS: 45, restS: 0, roundRestS: 60, sides: 'split' as const }
    const session = {
      id: 's', day: '2026-03-04', minutes: 30, lifts: [], circuits: [circuit],
      warmUp: [{ text: 'Squat and reach', seconds: 150, variationId: null }, { text: 'Walk-out', seconds: 150,
        variationId: null }],
      items: [{ ...item, stopped: undefined, circuit: 'c' }, { ...item, stopped: undefined, id: 'j', circuit: 'c',
        between: true }],
    } as unknown as PrescribedSession
    const text = mount(TodaySession, {
      props: { session, logs: [], busy: false, problem: '', units: { mass: 'kg', length: 'cm' } },
      global: { stubs: { NuxtLink: true } },
    }).text()
    for (const part of ['Warm-up, 5 min: Squat and reach; Walk-out.', '3 rounds of 1 station, 45 s of work',
      'a station of the circuit', 'in the rests of the circuit']) expect(text).toContain(part)
  })
})

describe('what is coming up', () => {
  it('counts drills, one as one', () => {
    const days = [{ day: '2026-03-04', sessionId: 'a', drills: 1 }, { day: '2026-03-06', sessionId: 'b', drills: 3 }]
    const lines = mount(ComingUp, { props: { days } }).findAll('li').map(line => line.text())
    expect(lines).toEqual(['Wednesday 4 Mar: 1 drill', 'Friday 6 Mar: 3 drills'])
  })
})

describe('the words of a drill', () => {
  it('are there when asked for: set-up, faults with their mends, cue and why', () => {
    const wrapper = mount(DrillWords, { props: { item } })
    expect(wrapper.get('details').attributes('open')).toBeUndefined()
    for (const part of ['On one elbow.', 'Hip sags:', 'Lift it.', 'Ribs down.', 'Holds the side.'])
      expect(wrapper.text()).toContain(part)
  })
})

describe('a rest', () => {
  beforeEach(() => { vi.useFakeTimers() })
  afterEach(() => { vi.useRealTimers() })

  it('is counted down by the clock and is over once', async () => {
    const wrapper = mount(RestTimer, { props: { seconds: 3, next: 'Side plank, left' } })
    expect(wrapper.text()).toContain('Next: Side plank, left')
    await vi.advanceTimersByTimeAsync(1500)
    await nextTick()
    expect(wrapper.get('[role=timer]').text()).toBe('2')
    await vi.advanceTimersByTimeAsync(3000)
    await nextTick()
    expect([wrapper.get('[role=timer]').text(), wrapper.emitted('over')?.length]).toEqual(['0', 1])
  })

  it('is over by hand', async () => {
    const wrapper = mount(RestTimer, { props: { seconds: 60, next: '' } })
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('over')).toHaveLength(1)
  })
})
