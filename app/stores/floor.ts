import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { FloorEvent } from '~~/core/floor'
import { storedFirst } from '~~/shared/errors'
import type { FloorRoom, FloorWays, RunningFloor } from '~~/shared/floorRoom'
import type { FloorBoard, FloorDay } from '~~/shared/types'
import { fetchBoard, fetchFloor, keepBoard, mendFloor, planFloor, waitingBoard } from '~/api/floor'
import { shownSince } from '~/api/keptCall'
import { forgetOthers, keep, kept } from '~/device/kept'
import { thisDevice } from '~/device/thisDevice'
import { reading } from './parts/reading'

const moved = (at: number | null, ms: number): number | null => (at === null ? null : at + ms)
/** A floor by another clock. */
const byClock = (floor: RunningFloor, ms: number): RunningFloor =>
  ({ ...floor, startedAt: moved(floor.startedAt, ms), heldAt: moved(floor.heldAt, ms) })

/**
 * Today's floor of a squad: who trains, the timetable, and how far it is. It runs on one device, which keeps it and
 * tells the server; others look on, and any of them can go on with it.
 */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export const useFloorStore = defineStore('floor', () => {
  const day = shallowRef<FloorDay | null>(null)
  const floor = shallowRef<RunningFloor | null>(null)
  /** The board as another device runs it; null while it runs here or nowhere. */
  const elsewhere = shallowRef<FloorBoard | null>(null)
  const { state, problem, read, again } = reading()
  const keyOf = ({ group, day: date }: FloorDay): string => `floor/${group.id}/${date}`
  /** Milliseconds by which the server's clock is ahead of this device's. */
  let aheadMs = 0

  const load = (groupId: string): Promise<void> => read(async () => {
    day.value = await fetchFloor(groupId)
    if (shownSince.value === null) aheadMs = new Date(day.value.now).getTime() - Date.now()
    const key = keyOf(day.value)
    // Floors of days that are over need no room on the device.
    forgetOthers(`floor/${groupId}/`, key)
    const waiting = waitingBoard(groupId)
    const own = newest(kept<RunningFloor>(key), waiting?.day === day.value.day ? here(waiting.floor) : null)
    show(day.value.board, own)
  }, true)

  const here = (of: RunningFloor): RunningFloor => byClock(of, -aheadMs)
  const newest = (...floors: (RunningFloor | null)[]): RunningFloor | null =>
    floors.reduce((a, b) => (a && (!b || a.turn >= b.turn) ? a : b), null)

  /** Shows the board of another device, or goes on with what this one had. */
  function show(board: FloorBoard | null, own: RunningFloor | null): void {
    const isOwn = board === null || board.device === thisDevice()
    elsewhere.value = isOwn ? null : board
    floor.value = isOwn ? newest(own, board ? here(board.floor) : null) : here(board.floor)
  }

  /** Who may train what, behind the page: a line that is down leaves it as it is. */
  async function refresh(): Promise<void> {
    const fresh = day.value ? await fetchFloor(day.value.group.id).catch(() => null) : null
    if (fresh) day.value = fresh
  }

  /** Whether another device has gone on with this floor, and how it stands there. */
  async function look(): Promise<void> {
    if (!day.value) return
    const found = await fetchBoard(day.value.group.id).catch(() => null)
    if (found?.board && !waitingBoard(day.value.group.id)) show(found.board, floor.value)
  }

  function set(next: RunningFloor, takeOver = false): void {
    const turned = { ...next, turn: next.turn + 1 }
    floor.value = turned
    if (!day.value) return
    const { group, day: date } = day.value
    keep(keyOf(day.value), turned)
    // What is only planned is nobody's yet.
    if (turned.startedAt === null) return
    keepBoard(group.id, { day: date, device: thisDevice(), takeOver, floor: byClock(turned, aheadMs) })
      .catch((error: unknown) => {
        const board = storedFirst<FloorBoard>(error)
        if (board) show(board, null)
      })
  }

  /** Goes on here with what runs on another device. */
  function takeOver(): void {
    if (!floor.value) return
    elsewhere.value = null
    set(floor.value, true)
  }

  async function plan(room: FloorRoom, ways: FloorWays): Promise<void> {
    const timetable = await planFloor(room.room)
    set({ turn: floor.value?.turn ?? 0, ways, plan: room, timetable, startedAt: null, heldAt: null, done: [] })
  }

  /** Mends the timetable after something happened. */
  async function happened(now: number, events: readonly FloorEvent[]): Promise<string> {
    const is = floor.value
    if (!is) return ''
    const { room, timetable, moved: changed, later } = await mendFloor(is.plan.room, is.timetable, now, events)
    set({ ...is, plan: { ...is.plan, room }, timetable })
    return `${changed.length} ${changed.length === 1 ? 'block moves' : 'blocks move'}, ${
      later === 0 ? 'the end stays' : `the end is ${later / 2} min later`}.`
  }

  return {
    day, floor, elsewhere: computed(() => elsewhere.value), state, problem, again, load, refresh, look, set, plan,
    happened, takeOver,
  }
})
