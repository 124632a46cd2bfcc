import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { FloorEvent, Timetable } from '~~/core/floor'
import type { FloorRoom, FloorWays } from '~~/shared/floorRoom'
import type { FloorDay } from '~~/shared/types'
import { fetchFloor, mendFloor, planFloor } from '~/api/floor'
import { forgetOthers, keep, kept } from '~/device/kept'
import { reading } from './parts/reading'

/** A floor as it runs on this device. */
export interface RunningFloor {
  readonly ways: FloorWays
  readonly plan: FloorRoom
  readonly timetable: Timetable
  /** Milliseconds of the day's clock at tick 0; null until it is started. */
  readonly startedAt: number | null
  /** Since when all is held; null while it runs. */
  readonly heldAt: number | null
  /** Blocks that a coach has called done. */
  readonly done: readonly string[]
}

/** Today's floor of a squad: who trains, the timetable, and how far it is. Kept on the device as it runs. */
export const useFloorStore = defineStore('floor', () => {
  const day = shallowRef<FloorDay | null>(null)
  const floor = shallowRef<RunningFloor | null>(null)
  const { state, problem, read, again } = reading()
  const keyOf = ({ group, day: date }: FloorDay): string => `floor/${group.id}/${date}`

  const load = (groupId: string): Promise<void> => read(async () => {
    day.value = await fetchFloor(groupId)
    const key = keyOf(day.value)
    // Floors of days that are over need no room on the device.
    forgetOthers(`floor/${groupId}/`, key)
    floor.value = kept<RunningFloor>(key)
  }, true)

  /** Who may train what, behind the page: a line that is down leaves it as it is. */
  async function refresh(): Promise<void> {
    const fresh = day.value ? await fetchFloor(day.value.group.id).catch(() => null) : null
    if (fresh) day.value = fresh
  }

  function set(next: RunningFloor | null): void {
    floor.value = next
    if (day.value) keep(keyOf(day.value), next)
  }

  async function plan(room: FloorRoom, ways: FloorWays): Promise<void> {
    const timetable = await planFloor(room.room)
    set({ ways, plan: room, timetable, startedAt: null, heldAt: null, done: [] })
  }

  /** Mends the timetable after something happened. */
  async function happened(now: number, events: readonly FloorEvent[]): Promise<string> {
    const is = floor.value
    if (!is) return ''
    const { room, timetable, moved, later } = await mendFloor(is.plan.room, is.timetable, now, events)
    set({ ...is, plan: { ...is.plan, room }, timetable })
    return `${moved.length} ${moved.length === 1 ? 'block moves' : 'blocks move'}, ${
      later === 0 ? 'the end stays' : `the end is ${later / 2} min later`}.`
  }

  return { day, floor, state, problem, again, load, refresh, set, plan, happened }
})
