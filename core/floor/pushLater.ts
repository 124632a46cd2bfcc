import type { Job } from './compiled'
import type { FloorState } from './state'

/** Moves a job as late as it fits, up to a last start; where it fits no later it stays. */
export function pushLater(state: FloorState, job: Job, lastStart: number): void {
  const [start, helper] = [state.startOf(job), state.helperOf(job)]
  state.take(job)
  const later = state.latest(job, start, lastStart)
  if (later > start) state.put(job, later, state.helperAt(job, later))
  else state.put(job, start, helper)
}
