import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { RosterPage } from '~~/shared/types'
import * as athletes from '~/api/athletes'
import * as people from '~/api/people'
import { keepFor, kept } from '~/device/kept'
import { useRosterStore } from './roster'

vi.mock('~/api/athletes', async original => ({ ...await original<object>(), fetchRoster: vi.fn() }))
vi.mock('~/api/people', async original => ({ ...await original<object>(), fetchGroups: vi.fn() }))

const pageOf = (ids: readonly string[], next: string | null = null): RosterPage =>
  ({ rows: ids.map(id => ({ athlete: { id } })), total: ids.length, next }) as unknown as RosterPage
const { fetchRoster } = vi.mocked(athletes)

beforeEach(() => {
  setActivePinia(createPinia())
  localStorage.clear()
  keepFor('p')
  fetchRoster.mockReset().mockImplementation(({ group } = {}) =>
    Promise.resolve(group ? pageOf(['b']) : pageOf(['a', 'b'], 'further')))
  vi.mocked(people.fetchGroups).mockResolvedValue([{ id: 'g', name: 'Judo' }])
})

describe('who is at hand', () => {
  it('is everybody as far as a page goes, and then the squad that is chosen, over a reload', async () => {
    const roster = useRosterStore()
    await roster.load()
    expect([roster.rows.length, roster.more, roster.anybody]).toEqual([2, true, 'a'])
    await roster.takeSquad('g')
    expect([roster.rows.length, roster.more, roster.squadId]).toEqual([1, false, 'g'])
    setActivePinia(createPinia())
    await useRosterStore().load()
    expect(fetchRoster).toHaveBeenLastCalledWith({ group: 'g' })
    await useRosterStore().takeSquad(null)
    expect([useRosterStore().rows.length, kept('squad-at-hand')]).toEqual([2, null])
  })

  it('is everybody again when the squad is no more', async () => {
    await useRosterStore().takeSquad('g')
    vi.mocked(people.fetchGroups).mockResolvedValue([])
    const roster = useRosterStore()
    await roster.load()
    expect([roster.squadId, roster.rows.length]).toEqual([null, 2])
  })

  it('is the squad that was taken last, however late an earlier answer comes', async () => {
    const roster = useRosterStore()
    let late: (page: RosterPage) => void = () => undefined
    fetchRoster.mockImplementationOnce(() => new Promise((answer) => { late = answer }))
    const first = roster.takeSquad(null)
    await roster.takeSquad('g')
    late(pageOf(['x', 'y', 'z'], 'further'))
    await first
    expect([roster.rows.map(row => row.athlete.id), roster.more]).toEqual([['b'], false])
  })

  it('does not change by a page of the roster', async () => {
    const roster = useRosterStore()
    await roster.takeSquad('g')
    expect((await roster.page({ find: 'x' })).rows).toHaveLength(2)
    expect([roster.rows.length, fetchRoster.mock.lastCall]).toEqual([1, [{ find: 'x' }]])
  })
})
