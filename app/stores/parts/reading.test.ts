import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { NoConnection } from '~~/shared/errors'
import { reading } from './reading'

beforeEach(() => { vi.useFakeTimers() })
afterEach(() => { vi.useRealTimers() })

describe('a reading', () => {
  it('keeps what was read in sight while it is read anew, but not what is another’s', async () => {
    const { state, read } = reading()
    const seen: string[] = []
    const work = () => { seen.push(state.value); return Promise.resolve() }
    await read(work)
    await read(work)
    await read(work, true)
    expect([seen, state.value]).toEqual([['loading', 'ready', 'loading'], 'ready'])
  })

  it('says what is wrong, and does the same again when asked', async () => {
    const { state, problem, read, again } = reading()
    const work = vi.fn().mockRejectedValueOnce(new Error('Nobody of that key.')).mockResolvedValue(undefined)
    await read(work)
    expect([state.value, problem.value]).toEqual(['failed', 'Nobody of that key.'])
    vi.advanceTimersByTime(60_000)
    expect(work).toHaveBeenCalledTimes(1)
    await again()
    expect([state.value, work.mock.calls.length]).toEqual(['ready', 2])
  })

  it.each(['the clock', 'the device'])('that found no line fills when %s says so', async (who) => {
    const { state, read } = reading()
    const work = vi.fn().mockRejectedValueOnce(new NoConnection()).mockResolvedValue(undefined)
    await read(work)
    expect(state.value).toBe('failed')
    if (who === 'the device') dispatchEvent(new Event('online'))
    await vi.advanceTimersByTimeAsync(who === 'the device' ? 1 : 4100)
    expect([state.value, work.mock.calls.length]).toEqual(['ready', 2])
    dispatchEvent(new Event('online'))
    await vi.advanceTimersByTimeAsync(9000)
    expect(work).toHaveBeenCalledTimes(2)
  })

  it('leaves the last word to the one begun last', async () => {
    const { state, read } = reading()
    let fail: (why: Error) => void = () => undefined
    const first = read(() => new Promise((_, no) => { fail = no }))
    await read(() => Promise.resolve())
    fail(new NoConnection())
    await first
    await vi.advanceTimersByTimeAsync(9000)
    expect(state.value).toBe('ready')
  })
})
