import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick } from 'vue'
import { STANDARD } from '~~/core/catalogue'
import type { FloorEvent } from '~~/core/floor'
import { block, present, room } from '~~/core/testing/smallRoom'
import type { PrescribedItem, SessionRun, SetLogInput } from '~~/shared/types'
import type { BoardBlock } from '~/composables/floor/floorView'
import FloorCard from './FloorCard.vue'
import FloorEvents from './FloorEvents.vue'
import FloorLanes from './FloorLanes.vue'
import FloorWaiting from './FloorWaiting.vue'

const item = {
  id: 'i', variationId: 'front-plank.elbows', name: 'Plank on the elbows', sides: 'both', extraSetSide: null,
  dose: { sets: 2, amount: 10, unit: 'seconds', restS: 60 }, slot: 'after', pairedWithLift: null,
  setting: { loadKg: 10 }, settingsAsked: [], stopped: null,
} as unknown as PrescribedItem
const run: SessionRun = {
  athleteId: 'a', athleteName: 'Edda Moor', day: '2026-03-04', stop: null, logs: [], effort: null,
  session: { id: 's', day: '2026-03-04', minutes: 60, lifts: [], items: [item] },
}
const one: BoardBlock = {
  id: 'b', athleteId: 'a', place: 'floor', what: 'plank', start: 0, end: 4, watched: false, helper: null, items: ['i'],
  lift: null, circuit: false, done: false,
}
const card = (over: object = {}) => mount(FloorCard, {
  props: {
    run, block: one, inS: 0, leftS: 120, waiting: [], catalogue: STANDARD, units: { mass: 'kg', length: 'cm' },
    digit: '1', held: false, ...over,
  },
})
const key = (of: ReturnType<typeof card>) => of.findAll('button').at(-1)!
const choose = (of: ReturnType<typeof card>, text: string): Promise<void> =>
  of.findAll('button').find(button => button.text() === text)!.trigger('click')

describe('a card of the board', () => {
  beforeEach(() => { vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date', 'performance'] }) })
  afterEach(() => { vi.useRealTimers() })
  const pass = async (ms: number): Promise<void> => {
    await vi.advanceTimersByTimeAsync(ms)
    await nextTick()
  }
  const logged = (of: ReturnType<typeof card>): Partial<SetLogInput>[] =>
    (of.emitted('log') ?? []).map(([log]) => log as SetLogInput)

  it('logs a set that was held to its end by one key, with the setting that was asked', async () => {
    const board = card()
    expect(board.text()).toContain('10 kg')
    await key(board).trigger('click')
    await pass(16_000)
    await key(board).trigger('click')
    expect(logged(board)).toMatchObject([{ amount: 11, breakPoint: 'none', setNumber: 1, setting: { loadKg: 10 } }])
    expect(board.text()).toContain('set 2 of 2')
    await pass(20_000)
    expect([board.get('[role=timer]').text(), board.text()]).toEqual(['0:40', expect.stringContaining('rest · set 2')])
    await key(board).trigger('click')
    await pass(1000)
    expect(board.text()).toContain('get ready')
  })

  it('takes a double press back: nothing was done', async () => {
    const board = card()
    await key(board).trigger('click')
    await key(board).trigger('click')
    expect([logged(board), key(board).text()]).toEqual([[], 'Start 1'])
  })

  it('asks what ended a set that broke early, by one tap', async () => {
    const board = card()
    await key(board).trigger('click')
    await pass(9000)
    await key(board).trigger('click')
    expect(logged(board)).toEqual([])
    await choose(board, 'Low back moved')
    expect(logged(board)).toMatchObject([{ amount: 4, breakPoint: 'lowBack', painAt: null }])
  })

  it('lets the set before be put right, and looks at nothing else meanwhile', async () => {
    const board = card()
    await key(board).trigger('click')
    await pass(16_000)
    await key(board).trigger('click')
    expect(board.text()).toContain('Plank on the elbows: 11 s, done')
    await choose(board, 'Change it')
    expect(key(board).attributes('disabled')).toBeDefined()
    await board.get('input[inputmode=decimal]').setValue('7')
    await choose(board, 'Hips turned')
    await board.get('form').trigger('submit')
    const [first, second] = logged(board)
    expect(second).toMatchObject({ amount: 7, breakPoint: 'hipsTurned', corrects: first!.id, setNumber: 1 })
    expect(board.text()).toContain('7 s, hips turned')
  })

  it('asks where it hurts, and the drill is over', async () => {
    const board = card()
    await key(board).trigger('click')
    await pass(9000)
    await key(board).trigger('click')
    await choose(board, 'Pain')
    expect(logged(board)).toEqual([])
    await choose(board, 'Low back')
    expect(logged(board)).toMatchObject([{ breakPoint: 'pain', painAt: 'lowBack' }])
    expect(board.text()).not.toContain('set 2 of 2')
  })

  it('stands still while all is paused', async () => {
    const board = card()
    await key(board).trigger('click')
    await pass(8000)
    await board.setProps({ held: true })
    await pass(60_000)
    expect(board.get('[role=timer]').text()).toBe('7')
    expect(key(board).attributes('disabled')).toBeDefined()
  })

  it('of a lift that has not begun cannot be over', async () => {
    const lift = card({ block: { ...one, items: [], lift: 'Back squat' }, inS: 90 })
    expect([key(lift).text(), lift.get('[role=timer]').text()]).toEqual(['Not begun 1', '1:30'])
    await key(lift).trigger('click')
    expect(lift.emitted('done')).toBeUndefined()
    await lift.setProps({ inS: -10 })
    await key(lift).trigger('click')
    expect(lift.emitted('done')).toHaveLength(1)
  })
})

describe('beside the cards', () => {
  it('what happened is told by two taps', async () => {
    const gym = room({ cable: 2 }, ['A', 'B'].map(id => present(id, [block(id, 'cable', 4)])))
    const told = async (what: 'late' | 'absent' | 'placeOut', name: string): Promise<FloorEvent> => {
      const events = mount(FloorEvents, {
        props: { what, room: gym, now: 10, outside: ['B'], nameOf: (id: string) => `Athlete ${id}`, used: ['cable'] },
      })
      await events.findAll('button').find(button => button.text() === name)!.trigger('click')
      return (events.emitted('happened')![0]![0] as FloorEvent[])[0]!
    }
    expect(await told('late', 'Athlete B')).toEqual({ kind: 'late', athlete: 'B', from: 20 })
    expect(await told('absent', 'Athlete A')).toEqual({ kind: 'absent', athlete: 'A' })
    expect(await told('placeOut', 'Cable column')).toEqual({ kind: 'placeOut', place: 'cable', atOnce: 0, until: 20 })
  })

  it('lanes mark who is on now, and keep what is far ahead out of sight', () => {
    const lanes = mount(FloorLanes, {
      props: {
        now: 2, startedAt: 0, nameOf: (id: string) => id,
        lanes: [{
          id: 'floor', name: 'Open floor', atOnce: 8,
          rows: [[one, { ...one, id: 'c', athleteId: 'later', start: 400, end: 404 }]],
        }],
      },
    })
    expect(lanes.findAll('.bg-signal').map(chip => chip.text()).filter(text => text !== '')).toEqual(['a plank'])
    expect(lanes.text()).not.toContain('later')
  })

  it('what waits has its action, and can be left', async () => {
    const act = vi.fn()
    const all = Array.from({ length: 4 }, (_, i) =>
      ({ key: `${i}`, who: `Athlete ${i}`, text: 'is still there', action: 'Plan anew', act }))
    const waiting = mount(FloorWaiting, { props: { all } })
    await waiting.findAll('button')[0]!.trigger('click')
    await waiting.findAll('button')[1]!.trigger('click')
    expect([act.mock.calls.length, waiting.emitted('leave')]).toEqual([1, [['0']]])
    expect(waiting.text()).toContain('and 1 more')
  })
})
