import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { AppError } from '~~/shared/errors'
import type { SetLogInput } from '~~/shared/types'
import { NoConnection } from '~/api/call'
import { sendLogs } from '~/api/weeks'
import { useOutboxStore } from './outbox'

vi.mock('~/api/weeks', () => ({ sendLogs: vi.fn() }))

const send = vi.mocked(sendLogs)
const log = (id: string): SetLogInput => ({
  id, prescribedItemId: 'p', day: '2026-03-04', performedAt: '2026-03-04T10:00:00Z', setNumber: 1, side: null, amount: 1,
  breakPoint: 'none', setting: {}, feltAt: [], effort: null, painAt: null, note: '',
})

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
  send.mockReset()
})

describe('the outbox', () => {
  it('lets a refused set hold up nobody else, and keeps it', async () => {
    send.mockImplementation(([one]) => (one!.id === 'foreign'
      ? Promise.reject(new AppError('notFound', 'This drill is not prescribed here.'))
      : Promise.resolve({ stored: [one!.id] })))
    const outbox = useOutboxStore()
    outbox.waiting = [log('foreign'), log('own')]
    await outbox.send()
    expect(outbox.waiting.map(w => w.id)).toEqual(['foreign'])
    expect(outbox.refused).toBe('This drill is not prescribed here.')
  })

  it.each([['a lost line', new NoConnection()], ['an ended session', new AppError('notSignedIn', 'Sign in first.')]])(
    'keeps everything in order over %s', async (_, error) => {
      send.mockRejectedValue(error)
      const outbox = useOutboxStore()
      outbox.waiting = [log('a'), log('b')]
      await outbox.send()
      expect(send).toHaveBeenCalledTimes(1)
      expect(outbox.waiting.map(w => w.id)).toEqual(['a', 'b'])
    })
})
