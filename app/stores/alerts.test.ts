import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { HealthAlert, Me, SessionAnswer } from '~~/shared/types'
import { useAlertStore } from './alerts'
import { useSessionStore } from './session'

const fetchAlerts = vi.hoisted(() => vi.fn())
vi.mock('~/api/safety', () => ({ fetchAlerts }))
const signOut = vi.hoisted(() => vi.fn())
vi.mock('~/api/people', () => ({ signOut, askForReset: vi.fn() }))
vi.mock('~/api/writes', () => ({ writes: { open: vi.fn(), close: vi.fn() } }))
const alert = (id: string, over: Partial<HealthAlert> = {}): HealthAlert => ({
  id, athleteId: 'x', athleteName: 'Ana', kind: 'stop', at: '2026-03-04T08:00:00.000Z', by: null, variationId: null,
  stops: 0, told: [], settled: false, ...over,
})

beforeEach(() => {
  setActivePinia(createPinia())
  localStorage.clear()
  fetchAlerts.mockReset()
  useSessionStore().remember({ me: { id: 'coach' } as Me, csrf: 'x' })
})

describe('what was told', () => {
  it('is news until it is seen, and then no more; what comes after is news again', async () => {
    const store = useAlertStore()
    fetchAlerts.mockResolvedValue({
      alerts: [alert('a'), alert('b', { settled: true }), alert('c', { kind: 'cleared' })],
    })
    await store.look()
    expect([store.open, store.news].map(list => list.map(one => one.id))).toEqual([['a'], ['a']])
    store.see()
    expect([store.open.length, store.news.length]).toEqual([1, 0])
    fetchAlerts.mockResolvedValue({ alerts: [alert('d'), alert('a')] })
    await store.look()
    expect(store.news.map(one => one.id)).toEqual(['d'])
  })

  it('changes its mark when something is told or settled, and not when a line is down', async () => {
    const store = useAlertStore()
    fetchAlerts.mockResolvedValue({ alerts: [alert('a')] })
    await store.look()
    const first = store.mark
    fetchAlerts.mockRejectedValue(new Error('down'))
    await store.look()
    expect([store.mark, store.alerts.length]).toEqual([first, 1])
    fetchAlerts.mockResolvedValue({ alerts: [alert('a', { settled: true })] })
    await store.look()
    expect(store.mark).not.toBe(first)
  })

  it('is not asked for while somebody signs out, nor after', async () => {
    let answer: (out: SessionAnswer) => void = () => undefined
    signOut.mockReturnValue(new Promise<SessionAnswer>((done) => { answer = done }))
    const leaving = useSessionStore().signOut()
    await useAlertStore().look()
    answer({ me: null, csrf: null })
    await leaving
    await useAlertStore().look()
    expect(fetchAlerts).not.toHaveBeenCalled()
  })

  it('is asked for again when signing out was refused', async () => {
    signOut.mockRejectedValue(new Error('down'))
    await expect(useSessionStore().signOut()).rejects.toThrow('down')
    fetchAlerts.mockResolvedValue({ alerts: [] })
    await useAlertStore().look()
    expect(fetchAlerts).toHaveBeenCalledOnce()
  })
})
