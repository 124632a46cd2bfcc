import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { WeekPlan } from '~~/core/programme'
import { AppError } from '~~/shared/errors'
import type { TrainingWeek, WeekSheet } from '~~/shared/types'
import { keepFor } from '~/device/kept'
import * as weeks from '~/api/weeks'
import { useWeekStore } from './week'

vi.mock('~/api/weeks', async original => ({
  ...await original<object>(), fetchWeek: vi.fn(), saveWeek: vi.fn(), fetchWeekVersion: vi.fn(), assignWeek: vi.fn(),
}))
const api = vi.mocked(weeks)

const item = {
  id: 'i', variationId: 'side-plank.feet',
  dose: { sets: 3, amount: 10, unit: 'seconds' as const, restS: 5 },
  slot: 'after' as const, pairedWith: null, extraSetSide: null, setting: {}, why: '',
}
const planOf = (sets: number, minutes = 60): WeekPlan => ({
  sessions: [{ id: 's', day: 0, minutes, lifts: [], items: [{ ...item, dose: { ...item.dose, sets } }] }],
})
const weekOf = (version: number, plan: WeekPlan, changedBy = 'Tobin Kelp'): TrainingWeek => ({
  athleteId: 'a', startsOn: '2026-03-02', version, status: 'draft', changedSinceAssigned: false, plan, changedBy,
  changedAt: null,
})
const sheetOf = (
  week: TrainingWeek,
): WeekSheet => ({ athlete: { name: 'Ilse Tarn' }, competitions: [], previousPlan: null, week } as unknown as WeekSheet)

/** A server that keeps one week the way the real one does. */
let stored: TrainingWeek
beforeEach(() => {
  localStorage.clear()
  keepFor('coach')
  setActivePinia(createPinia())
  vi.useFakeTimers()
  stored = weekOf(1, planOf(3))
  api.fetchWeek.mockImplementation(() => Promise.resolve(sheetOf(stored)))
  api.fetchWeekVersion.mockImplementation(() => Promise.resolve({ version: stored.version }))
  api.saveWeek.mockReset().mockImplementation((_a, _s, _l, version, plan) => {
    if (version !== stored.version)
      return Promise.reject(new AppError('changedElsewhere', 'Changed.', undefined, stored))
    stored = weekOf(version + 1, plan, 'Me')
    return Promise.resolve(stored)
  })
})

async function opened() {
  const store = useWeekStore()
  await store.load('a', '2026-03-02')
  return store
}
const settle = (): Promise<unknown> => vi.advanceTimersByTimeAsync(600)

const drill = (id: string) => ({ ...item, id })
const weekWith = (...ids: string[]): WeekPlan => ({
  sessions: [{ id: 's', day: 0, minutes: 60, lifts: [], items: ids.map(drill) }],
})

describe('one drill that is refused', () => {
  it('is named and kept in sight, and the rest of the week is stored without it', async () => {
    stored = weekOf(1, weekWith('a'))
    const usual = api.saveWeek.getMockImplementation()!
    api.saveWeek.mockImplementation((athlete, start, label, version, plan) =>
      (plan.sessions[0]!.items.some(i => i.id === 'bad')
        ? Promise.reject(new AppError('badInput', 'Side plank cannot be given.', { 's.bad': 'Wrist.' }))
        : usual(athlete, start, label, version, plan)))
    const store = await opened()
    store.change(weekWith('a', 'bad', 'b'))
    await settle()
    await settle()
    expect(stored.plan).toEqual(weekWith('a', 'b'))
    expect(store.plan).toEqual(weekWith('a', 'bad', 'b'))
    expect([store.saving, store.problem]).toEqual([
      'refused', 'Side plank cannot be given. The rest of the week is stored.',
    ])
    expect(await store.assign()).toBe(false)
    store.change(weekWith('a', 'b', 'c'))
    await settle()
    expect([store.saving, store.problem]).toEqual(['stored', ''])
    expect(stored.plan).toEqual(weekWith('a', 'b', 'c'))
  })
})

describe('a week while it is edited', () => {
  it('stores what changed and says so', async () => {
    const store = await opened()
    store.change(planOf(4))
    expect(store.saving).toBe('waiting')
    await settle()
    expect([store.saving, stored.version]).toEqual(['stored', 2])
  })

  it('goes back over saves, and after a reload too', async () => {
    const store = await opened()
    store.change(planOf(4))
    await settle()
    store.change(planOf(5))
    await settle()
    setActivePinia(createPinia())
    const reloaded = await opened()
    expect(reloaded.past).toHaveLength(2)
    reloaded.undo()
    reloaded.undo()
    await settle()
    expect(stored.plan).toEqual(planOf(3))
  })

  it('survives a crash between a change and its storing', async () => {
    const store = await opened()
    store.change(planOf(7))
    setActivePinia(createPinia())
    const after = await opened()
    expect(after.plan).toEqual(planOf(7))
    await settle()
    expect(stored.plan).toEqual(planOf(7))
  })

  it('takes in what another coach changed elsewhere in it, and loses neither', async () => {
    const store = await opened()
    store.change(planOf(4))
    stored = weekOf(2, planOf(3, 45))
    await settle()
    await settle()
    expect(stored.plan).toEqual(planOf(4, 45))
    expect(store.news).toMatchObject({ who: 'Tobin Kelp', changes: ['Monday session, minutes: 45'] })
    store.undo()
    await settle()
    expect(stored.plan).toEqual(planOf(3, 45))
  })

  it.each([['mine', 4], ['theirs', 6]] as const)(
    'asks where both changed one field, and stores %s if chosen',
    async (side, sets) => {
      const store = await opened()
      store.change(planOf(4))
      stored = weekOf(2, planOf(6))
      await settle()
      expect(store.saving).toBe('choose')
      expect(store.meeting!.conflicts).toMatchObject([{ mine: '4', theirs: '6' }])
      expect(stored.version).toBe(2)
      store.choose({ [store.meeting!.conflicts[0]!.key]: side })
      await settle()
      expect(store.plan).toEqual(planOf(sets))
      expect(stored.plan).toEqual(planOf(sets))
      expect(store.saving).toBe('stored')
    },
  )

  it('meets, after a crash, what another coach stored meanwhile', async () => {
    const store = await opened()
    store.change(planOf(4))
    setActivePinia(createPinia())
    stored = weekOf(2, planOf(6))
    const after = await opened()
    expect(after.meeting!.conflicts).toHaveLength(1)
  })

  it('sees another coach\'s change while it only stands open', async () => {
    const store = await opened()
    stored = weekOf(2, planOf(6))
    await store.lookAround()
    expect(store.plan).toEqual(planOf(6))
    expect(store.news?.who).toBe('Tobin Kelp')
  })

  it('says what the server refused and keeps it', async () => {
    const store = await opened()
    api.saveWeek.mockRejectedValueOnce(new AppError('badInput', 'This drill cannot be given.'))
    store.change(planOf(4))
    await settle()
    expect([store.saving, store.problem]).toEqual(['refused', 'This drill cannot be given.'])
    expect(store.plan).toEqual(planOf(4))
  })
})
