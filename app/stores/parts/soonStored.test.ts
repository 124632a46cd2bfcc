import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { soonStored } from './soonStored'

beforeEach(() => { vi.useFakeTimers() })
afterEach(() => { vi.useRealTimers() })

/** A line on which writes are answered one by one, when told. */
function slowLine() {
  const answers: (() => void)[] = []
  const save = vi.fn(() => new Promise<void>(done => answers.push(done)))
  return { save, answer: () => answers.shift()!() }
}

it('waits for the hand to rest, and then stores once', async () => {
  const save = vi.fn(() => Promise.resolve())
  const { soon } = soonStored(save)
  soon()
  await vi.advanceTimersByTimeAsync(400)
  soon()
  await vi.advanceTimersByTimeAsync(400)
  expect(save).not.toHaveBeenCalled()
  await vi.advanceTimersByTimeAsync(200)
  expect(save).toHaveBeenCalledOnce()
})

it('sends the next write only when the one before is answered', async () => {
  const { save, answer } = slowLine()
  const { now } = soonStored(save)
  void now()
  void now()
  await vi.advanceTimersByTimeAsync(0)
  expect(save).toHaveBeenCalledOnce()
  answer()
  await vi.advanceTimersByTimeAsync(0)
  expect(save).toHaveBeenCalledTimes(2)
})

it('does not wait for one that can be replaced', async () => {
  const { save } = slowLine()
  const { now } = soonStored(save, () => true)
  void now()
  void now()
  await vi.advanceTimersByTimeAsync(0)
  expect(save).toHaveBeenCalledTimes(2)
})

it('can be halted, and says whether something is under way, also after a failure', async () => {
  const save = vi.fn(() => Promise.reject(new Error('down')))
  const { soon, now, halt, underWay } = soonStored(save)
  soon()
  halt()
  await vi.advanceTimersByTimeAsync(1000)
  expect(save).not.toHaveBeenCalled()
  await expect(now()).rejects.toThrow('down')
  expect(underWay()).toBeNull()
})
