import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import { isLive } from '~/api/live'
import { useTold } from './useTold'

const told = vi.hoisted(() => ({ call: vi.fn<(subject: string | null) => void>(), away: vi.fn() }))
vi.mock('~/api/live', async () => {
  const { shallowRef } = await import('vue')
  return {
    isLive: shallowRef(false),
    whenTold: (_topic: string, call: (subject: string | null) => void) => {
      told.call.mockImplementation(call)
      return told.away
    },
  }
})

const going = ref(true)
const look = vi.fn()
const aPage = () => mount(defineComponent({
  setup() {
    useTold({ topic: 'week', subject: () => 'ana', look, everyMs: 4000, while: () => going.value })
    return () => h('p')
  },
}))

beforeEach(() => {
  vi.useFakeTimers()
  look.mockReset()
  going.value = true
  isLive.value = false
})
afterEach(() => { vi.useRealTimers() })

describe('a page that looks on', () => {
  it('looks by the clock where nobody tells, and seldom where somebody does', async () => {
    const page = aPage()
    await vi.advanceTimersByTimeAsync(12_100)
    expect(look).toHaveBeenCalledTimes(3)
    isLive.value = true
    await nextTick()
    await vi.advanceTimersByTimeAsync(50_000)
    expect(look).toHaveBeenCalledTimes(3)
    await vi.advanceTimersByTimeAsync(11_000)
    expect(look).toHaveBeenCalledTimes(4)
    page.unmount()
  })

  it('looks at once when it is told of what it shows, or of anything', () => {
    const page = aPage()
    told.call('tobin')
    expect(look).not.toHaveBeenCalled()
    told.call('ana')
    told.call(null)
    expect(look.mock.calls).toEqual([['told'], ['told']])
    page.unmount()
    expect(told.away).toHaveBeenCalled()
  })

  it('does not look while there is nothing to look at', async () => {
    going.value = false
    const page = aPage()
    told.call('ana')
    await vi.advanceTimersByTimeAsync(10_000)
    expect(look).not.toHaveBeenCalled()
    page.unmount()
  })
})
