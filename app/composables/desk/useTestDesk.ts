import { computed } from 'vue'
import { v7 as newKey } from 'uuid'
import type { BreakPoint } from '~~/core/assessment'
import type { TrialInput } from '~~/shared/types'
import type { DeskLooks } from '~/words/deskLooks'
import { frontOf, laneAt, stepsOf } from './lane'
import { useDeskState } from './useDeskState'
import { useWatches } from './useWatches'

const NO_LOOKS: DeskLooks = { stop: () => null, odd: () => null }

/**
 * Testing (a squad) in rotation: a stopwatch for each athlete, all of which may run at once, and what ended each trial.
 * Times come from the clock.
 */
export function useTestDesk(
  today: () => string, log: (trial: TrialInput) => void, clock: () => number = () => Date.now(),
  looks: DeskLooks = NO_LOOKS,
) {
  const desk = useDeskState(clock)
  const { battery, tests, lanes, setting, change, begin, finish } = desk
  const steps = computed(() => stepsOf(battery.value, tests.value))
  const watches = useWatches(desk, () => steps.value, looks)
  const front = computed(() => frontOf(lanes.value))

  /** Says what ended a trial: it is on its way, and the lane goes on to its next step. */
  function end(breakPoint: BreakPoint, index = front.value): void {
    const lane = index === null ? undefined : lanes.value[index]
    const step = lane && watches.stepAt(lane)
    if (index === null || !lane?.waiting || !step) return
    const trial: TrialInput = {
      id: newKey(), athleteId: lane.athleteId, day: today(),
      performedAt: new Date(lane.waiting.stoppedAt).toISOString(), test: step.test, side: step.side,
      value: lane.waiting.value, breakPoint, setting: setting.value, note: lane.note.trim().slice(0, 500),
      // Whoever says what ended it has read that the value is odd.
      ...(watches.oddOf(lane) ? { sure: true } : {}),
    }
    log(trial)
    change(index, l => ({ ...l, at: l.at + 1, waiting: null, note: '', done: [...l.done, trial] }))
  }
  /** Throws a measured time away: the step is done again. */
  function discard(index = front.value): void {
    if (index !== null) change(index, lane => ({ ...laneAt(lane, lane.at), note: '' }))
  }
  const note = (index: number, text: string): void => change(index, lane => ({ ...lane, note: text }))
  const skip = (index: number): void =>
    change(index, lane => laneAt(lane, Math.min(steps.value.length, lane.at + 1)))
  /** The step before once more, as a repeat trial. */
  const again = (index: number): void => change(index, lane => laneAt(lane, Math.max(0, lane.at - 1)))
  /** Takes the last trial of a lane out of its list; what was stored is withdrawn by the caller. */
  function undo(index: number): TrialInput | null {
    const last = lanes.value[index]?.done.at(-1) ?? null
    if (last) {
      const at = steps.value.findIndex(s => s.test === last.test && s.side === last.side)
      change(index, lane => ({ ...laneAt(lane, at >= 0 ? at : lane.at), done: lane.done.slice(0, -1) }))
    }
    return last
  }

  const allDone = computed(() => lanes.value.length > 0 && lanes.value.every(lane => lane.at >= steps.value.length))
  return {
    battery, tests, lanes, setting, steps, front, allDone, begin, finish, note, end, discard, skip, again, undo,
    ...watches,
  }
}
