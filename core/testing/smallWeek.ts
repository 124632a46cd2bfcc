import type { PlannerVariation, WeekInstance } from '../planner'

/** A variation of equal sets. */
export const drill = (
  id: string, sets: readonly number[], seconds: number, demand: Record<string, number>,
  over: Partial<PlannerVariation> & { fatigue?: number } = {},
): PlannerVariation => {
  const { fatigue = 0, ...rest } = over
  return {
    id, spineCost: 0, planes: [], ...rest,
    doses: sets.map(n => ({
      sets: n, seconds: n * seconds, fatigue: n * fatigue, cycles: n,
      demand: Object.fromEntries(Object.entries(demand).map(([k, v]) => [k, v * n])),
    })),
  }
}
/** A session with one place. */
export const day = (
  id: string, on: number, over: Partial<WeekInstance['sessions'][number]> = {},
): WeekInstance['sessions'][number] => ({ id, day: on, capS: 3600, items: 5, slots: [{ id: 'after' }], ...over })
/** A week in which nothing is asked. */
export const week = (over: Partial<WeekInstance>): WeekInstance => ({
  actions: ['AE', 'AL', 'AR'], bands: {}, sessions: [day('mon', 0)], variations: [], limits: {}, ...over,
})
