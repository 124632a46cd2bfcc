import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'
import { TICK_S } from '~~/core/floor'
import type { RunningFloor } from '~~/shared/floorRoom'

/** Where a running floor is, by the clock of the day; what is held stands still. */
export function useFloorClock(floor: () => RunningFloor | null) {
  const now = ref(Date.now())
  useIntervalFn(() => { now.value = Date.now() }, 250)
  const tick = computed(() => {
    const { startedAt, heldAt } = floor() ?? { startedAt: null, heldAt: null }
    return startedAt === null ? 0 : Math.max(0, ((heldAt ?? now.value) - startedAt) / 1000 / TICK_S)
  })

  /** The floor held, or let go on: what passed meanwhile is none of its time. */
  function held(is: RunningFloor, hold: boolean): RunningFloor {
    const at = Date.now()
    if (hold) return { ...is, heldAt: is.heldAt ?? at }
    return { ...is, heldAt: null, startedAt: (is.startedAt ?? at) + (is.heldAt === null ? 0 : at - is.heldAt) }
  }

  return { now, tick, held }
}
