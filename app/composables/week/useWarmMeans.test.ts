import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick, shallowRef } from 'vue'
import { meansOf } from '~~/core/programme'
import { context } from '~~/core/testing/fixtures'
import { useWarmMeans } from './useWarmMeans'

beforeEach(() => { vi.useFakeTimers() })
afterEach(() => { vi.useRealTimers() })

it('prescribes one drill after the other while nobody waits, and lets go of a context that is gone', async () => {
  vi.stubGlobal('requestIdleCallback', undefined)
  const asked = shallowRef({ ...context })
  const of = (one: typeof context) => vi.spyOn(meansOf(one), 'prescribed')
  const first = of(asked.value)
  const scope = effectScope()
  scope.run(() => { useWarmMeans(computed(() => asked.value), () => [0]) })
  await vi.advanceTimersByTimeAsync(100)
  expect(first.mock.calls.length).toBeGreaterThan(1)
  const before = first.mock.calls.length
  asked.value = { ...context }
  const second = of(asked.value)
  await nextTick()
  await vi.advanceTimersByTimeAsync(100)
  expect(first.mock.calls.length).toBe(before)
  expect(second.mock.calls.length).toBeGreaterThan(1)
  scope.stop()
  const done = second.mock.calls.length
  await vi.advanceTimersByTimeAsync(100)
  expect(second.mock.calls.length).toBe(done)
  vi.unstubAllGlobals()
})

it('waits for a sheet that is not read yet', async () => {
  const scope = effectScope()
  scope.run(() => {
    expect(() => { useWarmMeans(computed(() => null), () => { throw new Error('not read') }) }).not.toThrow()
  })
  await vi.advanceTimersByTimeAsync(100)
  scope.stop()
})
