import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, reactive } from 'vue'
import type { RosterPage } from '~~/shared/types'
import * as athletes from '~/api/athletes'
import { useRosterPages } from './useRosterPages'

vi.mock('~/api/athletes', async original => ({ ...await original<object>(), fetchRoster: vi.fn() }))
const { fetchRoster } = vi.mocked(athletes)

const route = reactive<{ query: Record<string, string | undefined> }>({ query: {} })
const replace = vi.fn(({ query }: { query: Record<string, string | undefined> }) => {
  route.query = Object.fromEntries(Object.entries(query).filter(([, value]) => value !== undefined))
  return Promise.resolve()
})
const pageOf = (ids: readonly string[], next: string | null = null): RosterPage =>
  ({ rows: ids.map(id => ({ athlete: { id } })), total: 3, next }) as unknown as RosterPage

beforeEach(() => {
  setActivePinia(createPinia())
  vi.stubGlobal('useRoute', () => route)
  vi.stubGlobal('useRouter', () => ({ replace }))
  route.query = {}
  fetchRoster.mockReset().mockImplementation(({ after } = {}) =>
    Promise.resolve(after ? pageOf(['b', 'c']) : pageOf(['a', 'b'], 'on')))
})
let scope = effectScope()
afterEach(() => {
  scope.stop()
  scope = effectScope()
})
const thePages = () => scope.run(() => useRosterPages())!
const ids = (pages: ReturnType<typeof useRosterPages>): string[] => pages.rows.value.map(row => row.athlete.id)

describe('the roster page by page', () => {
  it('goes on where a page ended, with nobody twice who moved meanwhile', async () => {
    const pages = thePages()
    await pages.load()
    expect([ids(pages), pages.total.value, pages.next.value]).toEqual([['a', 'b'], 3, 'on'])
    await pages.more()
    expect([ids(pages), pages.next.value]).toEqual([['a', 'b', 'c'], null])
    expect(fetchRoster.mock.lastCall![0]).toMatchObject({ after: 'on' })
  })

  it('asks what its address says, and turns the order round at the second click', async () => {
    route.query = { find: 'judo', archived: 'yes', sort: 'nonsense' }
    const pages = thePages()
    await pages.load()
    expect(fetchRoster.mock.lastCall![0]).toMatchObject({ find: 'judo', archived: true, sort: undefined, down: false })
    await pages.sortBy('done')
    await pages.sortBy('done')
    expect(route.query).toMatchObject({ sort: 'done', down: 'yes' })
    expect(fetchRoster.mock.lastCall![0]).toMatchObject({ sort: 'done', down: true })
    await pages.sortBy('done')
    expect(route.query.down).toBeUndefined()
  })

  it('keeps to what was asked last, however late an earlier answer comes', async () => {
    const pages = thePages()
    let late: (page: RosterPage) => void = () => undefined
    fetchRoster.mockImplementationOnce(() => new Promise((answer) => { late = answer }))
    const first = pages.load()
    await pages.set({ find: 'judo' })
    late(pageOf(['old']))
    await first
    expect(ids(pages)).toEqual(['a', 'b'])
  })

  it('is busy from the click to the rows, and not when nothing changes', async () => {
    const pages = thePages()
    await pages.load()
    const asked = pages.set({ group: 'g' })
    expect(pages.busy.value).toBe(true)
    await asked
    expect(pages.busy.value).toBe(false)
    await pages.set({ group: 'g' })
    expect([pages.busy.value, fetchRoster.mock.calls.length]).toEqual([false, 2])
  })
})
