import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, ref } from 'vue'
import { unpackTrace, type Sample } from '~~/core/instruments'
import type { InstrumentEvent } from '~~/shared/types'
import { useInstrument } from './useInstrument'
import { useInstrumentRun } from './useInstrumentRun'

/** Runs a composable in a component of its own. */
function within<T>(setup: () => T): { found: T, unmount: () => void } {
  let found!: T
  const wrapper = mount(defineComponent({ setup() { found = setup(); return () => h('p') } }))
  return { found, unmount: () => wrapper.unmount() }
}
const samples = (values: readonly number[], from = 0): Sample[] =>
  values.map((value, i) => ({ seq: from + i, tMs: (from + i) * 50, value, arrivedMs: (from + i) * 50 + 5 }))
const of = (n: number, value: number): number[] => Array.from({ length: n }, () => value)

beforeEach(() => localStorage.clear())
afterEach(() => { localStorage.clear(); vi.useRealTimers() })

describe('a run on an instrument', () => {
  it('waits, times the hold by itself, and gives it with its trace', () => {
    const { found: run } = within(() => useInstrumentRun(() => null))
    run.begin({ kind: 'force', target: 90 })
    run.take(samples(of(40, 0)))
    expect([run.phase.value, run.samples.value.length <= 31]).toEqual(['waiting', true])
    run.take(samples(of(100, 91), 40))
    expect(run.phase.value).toBe('holding')
    run.take(samples(of(20, 3), 140))
    expect(run.result.value).toMatchObject({
      value: 5, cutShort: false, says: '91 N on average, swaying by 0.0 %', trace: { reliable: true, kind: 'force' },
    })
    expect(unpackTrace(run.result.value!.trace)).toHaveLength(run.result.value!.trace.count)
    run.take(samples(of(50, 91), 160))
    expect(run.result.value!.value).toBe(5)
  })

  it('that is cut by a reload is a result that says so, and one that never began is gone', () => {
    const first = within(() => useInstrumentRun(() => ({ who: 'a' })))
    first.found.begin({ kind: 'force', target: 90 })
    for (let i = 0; i < 10; i++) first.found.take(samples(of(10, 90), i * 10))
    first.unmount()
    const { found: again } = within(() => useInstrumentRun(() => null))
    expect(again.restored.value).toEqual({ who: 'a' })
    expect(again.result.value).toMatchObject({
      cutShort: true, trace: { reliable: false, says: ['It was cut short.'] },
    })
    expect(again.result.value!.value).toBeGreaterThan(4)
    again.begin({ kind: 'force', target: 90 })
    again.take(samples(of(10, 0)))
    expect(within(() => useInstrumentRun(() => null)).found.phase.value).toBe('idle')
  })

  it('is kept on the device too when the instrument’s clock is behind that of the one before', () => {
    const first = within(() => useInstrumentRun(() => null))
    first.found.begin({ kind: 'force', target: 90 })
    first.found.take(samples(of(20, 90), 20_000))
    first.found.begin({ kind: 'force', target: 90 })
    for (let i = 0; i < 4; i++) first.found.take(samples(of(10, 90), i * 10))
    first.unmount()
    expect(within(() => useInstrumentRun(() => null)).found.phase.value).toBe('done')
  })

  it('with a gap in it is not to be believed', () => {
    const { found: run } = within(() => useInstrumentRun(() => null))
    run.begin({ kind: 'force', target: 90 })
    run.take(samples(of(60, 90)))
    run.take(samples(of(60, 90), 90))
    run.finish(false)
    expect(run.result.value!.trace).toMatchObject({
      reliable: false, says: [expect.stringContaining('Nothing came for 1.')],
    })
  })

  it('on a cuff ends where the pressure left', () => {
    const { found: run } = within(() => useInstrumentRun(() => null))
    run.begin({ kind: 'cuff', target: 40 })
    run.take(samples([...of(100, 40), ...of(30, 30)]))
    expect(run.result.value).toMatchObject({ value: 5, says: expect.stringContaining('% of the time in the band') })
  })
})

describe('an instrument that is watched', () => {
  it('is away when it says so or the line breaks, and silent after half a second of nothing', async () => {
    vi.useFakeTimers()
    let hear!: (event: InstrumentEvent) => void
    let lost!: () => void
    const stop = vi.fn()
    const away = vi.fn()
    const name = ref<string | null>('gauge')
    const { found: live, unmount } = within(() =>
      useInstrument(name, (_, h, l) => {
        hear = h
        lost = l
        return stop
      }, { away })
    )
    const state = { name: 'gauge', kind: 'force', simulated: false, connected: true } as const
    hear({ event: 'state', state })
    hear({ event: 'samples', samples: samples(of(40, 20)).map(s => [s.seq, s.tMs, s.value, s.arrivedMs] as const) })
    await vi.advanceTimersByTimeAsync(250)
    expect([live.away.value, live.trust.value.reliable, live.latest.value?.value]).toEqual([false, true, 20])
    await vi.advanceTimersByTimeAsync(750)
    expect(live.trust.value.problems).toEqual(['gap'])
    hear({ event: 'state', state: { ...state, connected: false } })
    expect(live.away.value).toBe(true)
    hear({ event: 'state', state })
    lost()
    expect([live.away.value, away.mock.calls.length]).toEqual([true, 2])
    unmount()
    expect(stop).toHaveBeenCalledOnce()
  })
})
