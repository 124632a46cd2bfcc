import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { HealthAlert } from '~~/shared/types'
import { useAlertStore } from './alerts'

const fetchAlerts = vi.hoisted(() => vi.fn())
vi.mock('~/api/safety', () => ({ fetchAlerts }))
const alert = (id: string, over: Partial<HealthAlert> = {}): HealthAlert => ({
  id, athleteId: 'x', athleteName: 'Ana', kind: 'stop', at: '2026-03-04T08:00:00.000Z', by: null, variationId: null,
  stops: 0, told: [], settled: false, ...over,
})

beforeEach(() => {
  setActivePinia(createPinia())
  localStorage.clear()
  fetchAlerts.mockReset()
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

  it('is asked once more when something is told while it is being asked, however often', async () => {
    const store = useAlertStore()
    let first: (found: { alerts: HealthAlert[] }) => void = () => undefined
    fetchAlerts.mockImplementationOnce(() => new Promise((answer) => { first = answer }))
    fetchAlerts.mockResolvedValue({ alerts: [alert('a'), alert('b')] })
    const looks = [store.look(), store.look(), store.look()]
    first({ alerts: [alert('a')] })
    await Promise.all(looks)
    expect([fetchAlerts.mock.calls.length, store.alerts.length]).toEqual([2, 2])
    await store.look()
    expect(fetchAlerts).toHaveBeenCalledTimes(3)
  })
})
