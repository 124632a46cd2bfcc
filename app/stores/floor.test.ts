import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { AppError } from '~~/shared/errors'
import type { RunningFloor } from '~~/shared/floorRoom'
import type { FloorBoard, FloorDay } from '~~/shared/types'
import * as api from '~/api/floor'
import { thisDevice } from '~/device/thisDevice'
import { useFloorStore } from './floor'

vi.mock('~/api/floor')
const server = vi.mocked(api)
const NOW = new Date('2026-11-20T16:00:00Z').getTime()
const MINUTE = 60_000
const aFloor = (over: Partial<RunningFloor> = {}): RunningFloor => ({
  turn: 5, ways: { coachAtOnce: 3, order: 'strict' },
  plan: { room: { places: [], athletes: [], coach: null, moveTicks: 1, apart: [] }, blocks: [] },
  timetable: { placed: [], end: 0, bound: { end: 0, because: null }, proven: true, left: [], over: [] },
  startedAt: NOW, heldAt: null, done: [], ...over,
})
const aBoard = (device: string, over: Partial<RunningFloor> = {}): FloorBoard =>
  ({ device, by: 'Tobin Kelp', at: new Date(NOW).toISOString(), floor: aFloor(over) })
/** The server's clock is a minute ahead of the device's. */
const theDay = (board: FloorBoard | null): FloorDay => ({
  day: '2026-11-20', group: { id: 'g', name: 'Judo' }, now: new Date(NOW + MINUTE).toISOString(), board, runs: [],
  counts: {}, known: {},
} as unknown as FloorDay)

beforeEach(() => {
  setActivePinia(createPinia())
  localStorage.clear()
  vi.useFakeTimers({ toFake: ['Date'], now: NOW })
  server.waitingBoard.mockReturnValue(null)
  server.keepBoard.mockReset().mockResolvedValue(null)
})

describe('a floor on several devices', () => {
  it('is told to the server by its clock, once it runs', async () => {
    server.fetchFloor.mockResolvedValue(theDay(null))
    const store = useFloorStore()
    await store.load('g')
    store.set(aFloor({ turn: 0, startedAt: null }))
    expect(server.keepBoard).not.toHaveBeenCalled()
    store.set({ ...store.floor!, startedAt: NOW })
    expect(server.keepBoard.mock.lastCall).toMatchObject(
      ['g', { device: thisDevice(), takeOver: false, floor: { turn: 2, startedAt: NOW + MINUTE } }],
    )
  })

  it('is looked on at elsewhere, by this device’s clock, and taken over when somebody says so', async () => {
    server.fetchFloor.mockResolvedValue(theDay(aBoard('other', { startedAt: NOW + MINUTE })))
    const store = useFloorStore()
    await store.load('g')
    expect([store.elsewhere!.by, store.floor!.startedAt]).toEqual(['Tobin Kelp', NOW])
    store.takeOver()
    expect(store.elsewhere).toBeNull()
    expect(server.keepBoard.mock.lastCall![1]).toMatchObject({ takeOver: true, floor: { turn: 6 } })
  })

  it('is given up where another device has gone on with it', async () => {
    server.fetchFloor.mockResolvedValue(theDay(null))
    server.keepBoard.mockRejectedValue(
      new AppError('changedElsewhere', 'Elsewhere.', undefined, aBoard('other', { done: ['b'] })),
    )
    const store = useFloorStore()
    await store.load('g')
    store.set(aFloor())
    await vi.waitFor(() => expect(store.elsewhere!.device).toBe('other'))
    expect(store.floor!.done).toEqual(['b'])
  })

  it('goes on with the newest of what the device, its queue and the server have of it', async () => {
    server.fetchFloor.mockResolvedValue(theDay(aBoard(thisDevice(), { turn: 7 })))
    const store = useFloorStore()
    await store.load('g')
    expect(store.floor!.turn).toBe(7)
    server.waitingBoard.mockReturnValue(
      { day: '2026-11-20', device: thisDevice(), takeOver: false, floor: aFloor({ turn: 9 }) },
    )
    await store.load('g')
    expect(store.floor!.turn).toBe(9)
  })

  it('looks every now and then whether another device has it', async () => {
    server.fetchFloor.mockResolvedValue(theDay(null))
    const store = useFloorStore()
    await store.load('g')
    store.set(aFloor())
    server.fetchBoard.mockResolvedValue({ board: aBoard('other') })
    await store.look()
    expect(store.elsewhere!.by).toBe('Tobin Kelp')
  })
})
