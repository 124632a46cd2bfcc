import { testFacts } from '~~/core/assessment'
import type { DeskLooks, DeskStep } from '~/words/deskLooks'
import type { Lane } from './lane'
import type { useDeskState } from './useDeskState'

/** The stopwatches of (the desk, its steps, what is to be looked at): which run, which may, and what they show. */
export function useWatches(
  { lanes, tests, now, tick, change }: ReturnType<typeof useDeskState>, steps: () => readonly DeskStep[],
  looks: DeskLooks,
) {
  const stepAt = (lane: Lane): DeskStep | null => steps()[lane.at] ?? null
  const timed = (lane: Lane): boolean => {
    const step = stepAt(lane)
    return step !== null && testFacts(step.test, tests.value).timed
  }
  const elapsedS = (lane: Lane): number => {
    if (lane.waiting) return lane.waiting.value
    return lane.startedAt === null ? 0 : Math.max(0, (now.value - lane.startedAt) / 1000)
  }
  const stopOf = (lane: Lane): string | null => {
    const step = stepAt(lane)
    return step && looks.stop(lane.athleteId, step)
  }
  const oddOf = (lane: Lane): string | null => {
    const step = stepAt(lane)
    return step && lane.waiting ? looks.odd(lane.athleteId, step, lane.waiting.value) : null
  }
  const idle = (lane: Lane): boolean =>
    timed(lane) && stopOf(lane) === null && lane.startedAt === null && lane.waiting === null

  /** Starts or stops a lane's watch; one that waits to be told what ended it stays as it is. */
  function press(index: number): void {
    const lane = lanes.value[index]
    if (!lane || lane.waiting || !timed(lane) || (lane.startedAt === null && stopOf(lane) !== null)) return
    const at = tick()
    if (lane.startedAt === null) change(index, l => ({ ...l, startedAt: at }))
    else {
      const value = Math.round((at - lane.startedAt) / 100) / 10
      change(index, l => ({ ...l, startedAt: null, waiting: { value, stoppedAt: at } }))
    }
  }
  /** All that stand ready at once, from the same moment. */
  function startAll(): void {
    const at = tick()
    lanes.value = lanes.value.map(lane => (idle(lane) ? { ...lane, startedAt: at } : lane))
  }
  /** A value that is read and not timed. */
  function enter(index: number, value: number): void {
    const asked = lanes.value[index]
    if (!asked || stopOf(asked) !== null) return
    const at = tick()
    change(index, lane => ({ ...lane, waiting: { value, stoppedAt: at } }))
  }

  return { stepAt, timed, elapsedS, stopOf, oddOf, idle, press, startAll, enter }
}
