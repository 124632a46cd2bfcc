import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { defineComponent, h } from 'vue'
import { BATTERIES, STANDARD_TESTS } from '~~/core/assessment'
import type { TrialInput } from '~~/shared/types'
import { stepsOf } from './lane'
import { useTestDesk } from './useTestDesk'
import type { DeskLooks } from '~/words/deskLooks'

const people = ['Ana', 'Bo', 'Cim'].map((name, i) => ({ id: `0000000${i}-0000-7000-8000-000000000000`, name }))
let clock = 0
let sent: TrialInput[] = []

function desk(looks?: DeskLooks) {
  let found!: ReturnType<typeof useTestDesk>
  const wrapper = mount(defineComponent({
    setup() {
      found = useTestDesk(() => '2026-03-04', trial => sent.push(trial), () => clock, looks)
      return () => h('p')
    },
  }))
  return { desk: found, wrapper }
}

beforeEach(() => {
  clock = 1_700_000_000_000
  sent = []
  localStorage.clear()
})
afterEach(() => localStorage.clear())

describe('the test desk', () => {
  it('takes one-sided tests right, then left', () => {
    expect(stepsOf(BATTERIES.fourHolds, STANDARD_TESTS).map(s => [s.test, s.side])).toEqual([
      ['extensor', null], ['flexor', null], ['sideBridge', 'right'], ['sideBridge', 'left'],
    ])
  })

  it('runs several watches at once, each to its own stop, from the clock', () => {
    const { desk: d } = desk()
    d.begin(BATTERIES.fourHolds, STANDARD_TESTS, people)
    d.startAll()
    clock += 30_000
    d.press(1)
    clock += 12_340
    d.press(0)
    expect([d.front.value, d.lanes.value[1]!.waiting!.value, d.lanes.value[0]!.waiting!.value]).toEqual([1, 30, 42.3])
    d.note(1, ' shook early ')
    d.end('trunk')
    d.end('lowBack')
    expect(sent.map(t => t.note)).toEqual(['shook early', ''])
    expect(sent.map(t => [t.athleteId, t.test, t.value, t.breakPoint])).toEqual([
      [people[1]!.id, 'extensor', 30, 'trunk'], [people[0]!.id, 'extensor', 42.3, 'lowBack'],
    ])
    expect(d.lanes.value.map(l => l.at)).toEqual([1, 1, 0])
  })

  it('lets nothing be stopped twice, nor started while it waits to be told what ended it', () => {
    const { desk: d } = desk()
    d.begin(BATTERIES.fourHolds, STANDARD_TESTS, people)
    d.press(0)
    clock += 5_000
    d.press(0)
    d.press(0)
    expect(d.lanes.value[0]).toMatchObject({ startedAt: null, waiting: { value: 5 } })
    d.end('none')
    d.end('none')
    expect(sent).toHaveLength(1)
  })

  it('keeps running watches and measured times over a reload', () => {
    const first = desk()
    first.desk.begin(BATTERIES.fourHolds, STANDARD_TESTS, people)
    first.desk.startAll()
    clock += 20_000
    first.desk.press(2)
    first.wrapper.unmount()
    clock += 10_000
    const { desk: d } = desk()
    expect(d.lanes.value[2]!.waiting!.value).toBe(20)
    d.press(0)
    expect(d.lanes.value[0]!.waiting!.value).toBe(30)
  })

  it('throws away, repeats, skips, and takes the last one back', () => {
    const { desk: d } = desk()
    d.begin(BATTERIES.fourHolds, STANDARD_TESTS, people)
    d.press(0)
    clock += 3_000
    d.press(0)
    d.discard()
    expect([d.lanes.value[0]!.at, sent.length, d.idle(d.lanes.value[0]!)]).toEqual([0, 0, true])
    d.press(0)
    clock += 40_000
    d.press(0)
    d.end('trunk')
    d.again(0)
    expect(d.stepAt(d.lanes.value[0]!)!.test).toBe('extensor')
    d.skip(0)
    d.skip(0)
    expect(d.undo(0)).toEqual(sent[0])
    expect(d.lanes.value[0]).toMatchObject({ at: 0, done: [] })
  })

  it('takes what is read and not timed, and is through when everybody is', () => {
    const { desk: d } = desk()
    d.begin(BATTERIES.causes, STANDARD_TESTS, people.slice(0, 1))
    while (!d.allDone.value) {
      d.press(0)
      expect(d.lanes.value[0]!.startedAt).toBeNull()
      d.enter(0, 8)
      d.end('none')
    }
    expect(sent).toHaveLength(stepsOf(BATTERIES.causes, STANDARD_TESTS).length)
    d.finish()
    expect(localStorage.length).toBe(0)
  })

  it('begins nothing that is stopped, by key, by everybody’s start or by a typed value, and asks what is odd', () => {
    const looks: DeskLooks = {
      stop: id => (id === people[0]!.id ? 'Refer first.' : null),
      odd: (_, __, value) => (value < 3 ? 'Under 3 s.' : null),
    }
    const { desk: found, wrapper } = desk(looks)
    found.begin(BATTERIES.floorHolds, STANDARD_TESTS, people)
    found.press(0)
    found.enter(0, 50)
    found.startAll()
    expect(found.lanes.value.map(lane => lane.startedAt !== null)).toEqual([false, true, true])
    expect([found.stopOf(found.lanes.value[0]!), found.lanes.value[0]!.waiting]).toEqual(['Refer first.', null])
    clock += 2000
    found.press(1)
    expect(found.oddOf(found.lanes.value[1]!)).toBe('Under 3 s.')
    found.end('trunk', 1)
    expect(sent.at(-1)).toMatchObject({ value: 2, sure: true })
    clock += 60_000
    found.press(2)
    found.end('trunk', 2)
    expect(sent.at(-1)).not.toHaveProperty('sure')
    wrapper.unmount()
  })
})
