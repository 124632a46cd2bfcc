import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { AppError, NoConnection } from '~~/shared/errors'
import * as device from '~/device/answers'
import { callSince } from './call'
import { keptCall, shownSince } from './keptCall'

vi.mock('./call', async original => ({ ...await original<object>(), callSince: vi.fn() }))
vi.mock('~/device/answers')
const server = vi.mocked(callSince)
const sent = (answer: unknown, tag = 'new') => ({ answer, tag })
const onDevice = (answer: unknown): void => {
  vi.mocked(device.answerOfToday).mockResolvedValue(
    answer === null ? null : { person: 'bram', path: '/api/day', at: 1000, answer, tag: 'old tag' },
  )
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.mocked(device.keepAnswer).mockReset().mockResolvedValue()
  server.mockReset()
  onDevice(null)
  shownSince.value = null
})
afterEach(() => vi.useRealTimers())

describe('a reading that is kept', () => {
  it('answers as the server does, and keeps that', async () => {
    server.mockResolvedValue(sent('new', 'its tag'))
    onDevice('old')
    expect(await keptCall('/api/day')).toBe('new')
    expect(server.mock.calls).toEqual([['/api/day', 'old tag']])
    expect(vi.mocked(device.keepAnswer).mock.calls).toEqual([['/api/day', 'new', 'its tag']])
    expect(shownSince.value).toBeNull()
  })

  it('is not sent again where it still holds, and counts as read now', async () => {
    server.mockResolvedValue(null)
    onDevice('old')
    expect(await keptCall('/api/day')).toBe('old')
    expect(vi.mocked(device.keepAnswer).mock.calls).toEqual([['/api/day', 'old', 'old tag']])
    expect(shownSince.value).toBeNull()
  })

  it('answers as it did last without a line, and says since when', async () => {
    server.mockRejectedValue(new NoConnection())
    onDevice('old')
    expect([await keptCall('/api/day'), shownSince.value]).toEqual(['old', 1000])
  })

  it('fails without a line when nothing of today is kept', async () => {
    server.mockRejectedValue(new NoConnection())
    await expect(keptCall('/api/day')).rejects.toThrow(NoConnection)
    expect(shownSince.value).toBeNull()
  })

  it('shows nothing kept to somebody whom the server refuses', async () => {
    server.mockRejectedValue(new AppError('notAllowed', 'No.'))
    onDevice('old')
    await expect(keptCall('/api/day')).rejects.toThrow('No.')
  })

  it('does not wait for a line that hangs when it has something to show, and keeps what comes late', async () => {
    let answer: (value: ReturnType<typeof sent>) => void = () => undefined
    server.mockReturnValue(new Promise((done) => { answer = done }))
    onDevice('old')
    const shown = keptCall('/api/day')
    await vi.advanceTimersByTimeAsync(4000)
    expect(await shown).toBe('old')
    answer(sent('new'))
    await vi.advanceTimersByTimeAsync(0)
    expect(vi.mocked(device.keepAnswer).mock.calls).toEqual([['/api/day', 'new', 'new']])
  })

  it('waits for a line that hangs when it has nothing', async () => {
    server.mockReturnValue(new Promise(done => setTimeout(() => done(sent('new')), 9000)))
    const shown = keptCall('/api/day')
    await vi.advanceTimersByTimeAsync(9000)
    expect([await shown, shownSince.value]).toEqual(['new', null])
  })
})
