import { mount } from '@vue/test-utils'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import { useLooking } from './useLooking'

beforeEach(() => { vi.useFakeTimers() })
afterEach(() => { vi.useRealTimers() })

it('looks only while the work goes on, tells what goes wrong and looks again, and stops with the page', async () => {
  const going = ref(false)
  const look = vi.fn<() => Promise<void>>().mockRejectedValueOnce(new Error('No line.')).mockResolvedValue(undefined)
  const told: string[] = []
  const page = mount(defineComponent({
    setup() {
      useLooking(() => going.value, look, text => told.push(text))
      return () => h('p')
    },
  }))
  await vi.advanceTimersByTimeAsync(5000)
  expect(look).not.toHaveBeenCalled()
  going.value = true
  await nextTick()
  await vi.advanceTimersByTimeAsync(2100)
  expect([look.mock.calls.length, told]).toEqual([2, ['No line.']])
  page.unmount()
  await vi.advanceTimersByTimeAsync(5000)
  expect(look).toHaveBeenCalledTimes(2)
})
