import { afterEach, describe, expect, it, vi } from 'vitest'
import { Left, openDoor, shutDoor, throughDoor } from './door'

afterEach(() => {
  openDoor()
  vi.useRealTimers()
})

/** A request that is answered when told, and fails as a fetch does when it is let go. */
function slow() {
  let answer: (text: string) => void = () => undefined
  const seen: AbortSignal[] = []
  const request = (signal: AbortSignal) => new Promise<string>((done, fail) => {
    seen.push(signal)
    answer = done
    signal.addEventListener('abort', () => fail(new DOMException('let go', 'AbortError')))
  })
  return { request, seen, answer: (text: string) => answer(text) }
}

describe('the door', () => {
  it('lets go what is being read for somebody who leaves, and asks nothing further', async () => {
    const { request, seen } = slow()
    const read = throughDoor(true, request)
    shutDoor()
    await expect(read).rejects.toThrow(Left)
    await expect(throughDoor(true, request)).rejects.toThrow(Left)
    expect([seen.length, seen[0]!.aborted]).toEqual([1, true])
  })

  it('lets a write finish, and the sign-in that follows through', async () => {
    const { request, answer } = slow()
    const write = throughDoor(false, request)
    shutDoor()
    answer('stored')
    await expect(write).resolves.toBe('stored')
    await expect(throughDoor(false, () => Promise.resolve('in'))).resolves.toBe('in')
    openDoor()
    await expect(throughDoor(true, () => Promise.resolve('read'))).resolves.toBe('read')
  })

  it('gives up on an answer that does not come', async () => {
    vi.useFakeTimers()
    const { request } = slow()
    const read = expect(throughDoor(true, request)).rejects.toThrow('let go')
    await vi.advanceTimersByTimeAsync(30_000)
    await read
  })
})
