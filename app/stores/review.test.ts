import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { AthleteReview, WeekSeries } from '~~/shared/types'
import { useReviewStore } from './review'

const api = vi.hoisted(() => ({ fetchReview: vi.fn(), fetchSeries: vi.fn() }))
vi.mock('~/api/review', () => api)
vi.mock('~/api/athletes', () => ({ fetchHistory: vi.fn() }))

const SPAN = { from: '2026-03-02', to: '2026-03-08' }
const of = (id: string): AthleteReview => ({ athlete: { id } }) as unknown as AthleteReview
const series = (left: number): WeekSeries => ({ weeks: [], left })

beforeEach(() => {
  setActivePinia(createPinia())
  vi.clearAllMocks()
  api.fetchReview.mockImplementation((id: string) => Promise.resolve(of(id)))
})

describe('every week there was', () => {
  it('is asked for until none is left to be reckoned', async () => {
    const store = useReviewStore()
    await store.load('a', SPAN)
    for (const left of [20, 8, 0]) api.fetchSeries.mockResolvedValueOnce(series(left))
    await store.readSeries('a', '2000-01-03')
    expect([api.fetchSeries.mock.calls.length, store.series?.left]).toEqual([3, 0])
  })

  it('is not asked for without end where nothing moves', async () => {
    const store = useReviewStore()
    await store.load('a', SPAN)
    api.fetchSeries.mockResolvedValue(series(5))
    await store.readSeries('a', '2000-01-03')
    expect(api.fetchSeries).toHaveBeenCalledTimes(2)
  })

  it('is of the athlete at hand', async () => {
    const store = useReviewStore()
    await store.load('a', SPAN)
    let late: (answer: WeekSeries) => void = () => undefined
    api.fetchSeries.mockImplementationOnce(() => new Promise((done) => { late = done }))
    const asked = store.readSeries('a', '2000-01-03')
    await store.load('b', SPAN)
    late(series(0))
    await asked
    expect(store.series).toBeNull()
  })
})
