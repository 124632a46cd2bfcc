import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Today } from '~~/shared/types'
import { useAthleteStore } from './athlete'

const api = vi.hoisted(() => ({ fetchAthlete: vi.fn(), fetchHistory: vi.fn(), fetchToday: vi.fn() }))
vi.mock('~/api/athletes', () => api)
const dayOf = (id: string, logs: Today['logs'] = []): Today =>
  ({ day: '2026-03-04', session: null, logs, athleteId: id }) as unknown as Today

beforeEach(() => {
  setActivePinia(createPinia())
  for (const one of Object.values(api)) one.mockReset()
  api.fetchToday.mockImplementation((id: string) => Promise.resolve(dayOf(id)))
})

describe('the day of an athlete', () => {
  it('stays in sight while the same one’s is read anew, and not while another one’s is', async () => {
    const store = useAthleteStore()
    await store.loadToday('a')
    const again = store.loadToday('a')
    expect([store.state, store.today]).toMatchObject(['ready', { athleteId: 'a' }])
    await again
    const other = store.loadToday('b')
    expect(store.state).toBe('loading')
    await other
    expect([store.state, store.today]).toMatchObject(['ready', { athleteId: 'b' }])
  })

  it('seen on an athlete’s page is that athlete’s, not the own', async () => {
    const store = useAthleteStore()
    await store.loadToday('own')
    await store.loadPage('a', '2026-01-01')
    void store.loadToday('own')
    expect(store.state).toBe('loading')
  })

  it('is learnt behind a page that never showed it: a stop that was just raised is not missed', async () => {
    const store = useAthleteStore()
    await store.refreshToday('a')
    expect([store.today, store.todayOf]).toMatchObject([{ athleteId: 'a' }, 'a'])
  })

  it('read anew behind the page comes too late once another one’s is shown', async () => {
    const store = useAthleteStore()
    await store.loadToday('a')
    let answer: (day: Today) => void = () => undefined
    api.fetchToday.mockImplementationOnce(() => new Promise<Today>((resolve) => { answer = resolve }))
    const late = store.refreshToday('a')
    await store.loadToday('b')
    answer(dayOf('a'))
    await late
    expect(store.today).toMatchObject({ athleteId: 'b' })
  })
})
