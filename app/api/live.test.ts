import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { isLive, lookAway, lookOn, whenTold } from './live'

/** A line as the browser would hold it. */
class Line extends EventTarget {
  static all: Line[] = []
  static readonly CLOSED = 2
  readyState = 1
  closed = false
  constructor(readonly path: string) {
    super()
    Line.all.push(this)
  }

  close(): void { this.closed = true }
  say(name: string, data?: unknown): void {
    this.dispatchEvent(new MessageEvent(name, { data: data === undefined ? '' : JSON.stringify(data) }))
  }
}

type Work = () => Promise<void>
const held = { free: true, waiting: [] as Work[] }
/** A lock as the browser has it: one at a time, the next when it is let go. */
const locks = {
  request: (_name: string, { signal }: { signal: AbortSignal }, work: Work) => new Promise<void>((done, failed) => {
    const begin = async (): Promise<void> => {
      held.free = false
      await work()
      held.free = true
      done()
      void held.waiting.shift()?.()
    }
    signal.addEventListener('abort', () => failed(new Error('Left.')))
    if (held.free) void begin()
    else held.waiting.push(begin)
  }),
}

beforeEach(() => {
  Line.all = []
  Object.assign(held, { free: true, waiting: [] })
  vi.stubGlobal('EventSource', Line)
  vi.stubGlobal('navigator', { locks })
})
afterEach(() => {
  lookAway()
  vi.unstubAllGlobals()
})

describe('the line that tells of changes', () => {
  it('tells whoever asked for that kind, and of whom', () => {
    const [weeks, alerts] = [vi.fn(), vi.fn()]
    const away = [whenTold('week', weeks), whenTold('alerts', alerts)]
    lookOn()
    Line.all[0]!.say('told', { topic: 'week', subject: 'ana' })
    expect([weeks.mock.calls, alerts.mock.calls]).toEqual([[['ana']], []])
    away.forEach(leave => leave())
    Line.all[0]!.say('told', { topic: 'week', subject: 'ana' })
    expect(weeks).toHaveBeenCalledTimes(1)
  })

  it('counts while the server hears of changes; when it does so again, anything may have changed', () => {
    const weeks = vi.fn()
    const away = whenTold('week', weeks)
    lookOn()
    expect(isLive.value).toBe(false)
    Line.all[0]!.say('heard')
    expect([isLive.value, weeks.mock.calls]).toEqual([true, [[null]]])
    Line.all[0]!.say('error')
    expect(isLive.value).toBe(false)
    Line.all[0]!.say('heard')
    expect(weeks).toHaveBeenCalledTimes(2)
    away()
  })

  it('is asked for again where a server that starts refused it, until whoever was signed in leaves', () => {
    vi.useFakeTimers()
    lookOn()
    // Lost on the way: the browser itself makes it again.
    Line.all[0]!.say('error')
    vi.advanceTimersByTime(60_000)
    expect(Line.all.length).toBe(1)
    Line.all[0]!.readyState = Line.CLOSED
    Line.all[0]!.say('error')
    vi.advanceTimersByTime(30_000)
    expect(Line.all.length).toBe(2)
    Line.all[1]!.say('heard')
    expect(isLive.value).toBe(true)
    Line.all[1]!.readyState = Line.CLOSED
    Line.all[1]!.say('error')
    lookAway()
    vi.advanceTimersByTime(60_000)
    expect(Line.all.length).toBe(2)
    vi.useRealTimers()
  })

  it('is one for a browser, and ends with whoever was signed in', () => {
    lookOn()
    lookOn()
    expect(Line.all.length).toBe(1)
    Line.all[0]!.say('heard')
    lookAway()
    expect([Line.all[0]!.closed, isLive.value]).toEqual([true, false])
  })

  it('tells the other tabs what it hears, and they say so', async () => {
    const tab = new BroadcastChannel('keen-anchor/live')
    const heard: unknown[] = []
    tab.onmessage = ({ data }) => heard.push(data)
    lookOn()
    Line.all[0]!.say('heard')
    Line.all[0]!.say('told', { topic: 'floor', subject: 'canoe' })
    tab.postMessage('who')
    await vi.waitFor(() => expect(heard).toEqual([
      'who', { live: true }, { told: { topic: 'floor', subject: 'canoe' } }, { live: true },
    ]))
    tab.close()
  })

  it('listens to the tab that holds the line', async () => {
    held.free = false
    const floors = vi.fn()
    const away = whenTold('floor', floors)
    lookOn()
    expect(Line.all).toEqual([])
    const holder = new BroadcastChannel('keen-anchor/live')
    holder.postMessage({ live: true })
    holder.postMessage({ told: { topic: 'floor', subject: 'canoe' } })
    await vi.waitFor(() => expect(floors).toHaveBeenLastCalledWith('canoe'))
    expect(isLive.value).toBe(true)
    holder.close()
    away()
  })

  it('is not made where a browser has no locks: pages ask by the clock', () => {
    vi.stubGlobal('navigator', {})
    lookOn()
    expect([Line.all, isLive.value]).toEqual([[], false])
  })
})
