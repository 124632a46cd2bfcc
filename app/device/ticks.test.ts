import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ticks } from './ticks'

/** A thread as the browser makes one, told from outside when it says something. */
class Thread extends EventTarget {
  static last: Thread | null = null
  asked: unknown[] = []
  ended = false
  constructor() {
    super()
    Thread.last = this
  }

  postMessage(asked: unknown): void {
    this.asked.push(asked)
  }

  terminate(): void {
    this.ended = true
  }
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('Worker', Thread)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('ticks', () => {
  it('come from a thread, whatever the page’s own intervals do, until they are ended', () => {
    const call = vi.fn()
    const end = ticks(call, 100)
    expect(Thread.last!.asked).toEqual([100])
    vi.advanceTimersByTime(1000)
    expect(call).not.toHaveBeenCalled()
    Thread.last!.dispatchEvent(new MessageEvent('message'))
    expect(call).toHaveBeenCalledOnce()
    // Asked for the next one only then: a page that is slow has no ticks waiting in a row.
    expect(Thread.last!.asked).toEqual([100, 100])
    end()
    expect(Thread.last!.ended).toBe(true)
  })

  it('come from the page where a thread cannot be begun, or there is none', () => {
    const call = vi.fn()
    const end = ticks(call, 100)
    Thread.last!.dispatchEvent(new Event('error'))
    vi.advanceTimersByTime(300)
    expect(call).toHaveBeenCalledTimes(3)
    end()
    vi.stubGlobal('Worker', undefined)
    const endOther = ticks(call, 100)
    vi.advanceTimersByTime(200)
    expect(call).toHaveBeenCalledTimes(5)
    endOther()
    vi.advanceTimersByTime(200)
    expect(call).toHaveBeenCalledTimes(5)
  })
})
