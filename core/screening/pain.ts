import { must } from '../errors'
import type { BodyPlace } from '../assessment/setLog'
import type { IsoDay } from '../calendar'

/** A set as far as pain is concerned. */
export interface PainSet {
  readonly variationId: string
  readonly day: IsoDay
  /** Moment it was done. */
  readonly at: string
  readonly hurt: boolean
  readonly place: BodyPlace | null
}

/** What a coach decides of a drill that hurt. */
export const PAIN_VERDICTS = {
  goOn: 'goes on with it',
  leaveOut: 'leaves it out',
  refer: 'has referred the athlete',
} as const
export type PainVerdict = keyof typeof PAIN_VERDICTS

export interface PainDecision {
  readonly variationId: string
  readonly verdict: PainVerdict
  /** Moment it was decided. */
  readonly at: string
}

/** A drill that hurt, and where it stands: waiting, locked, or left out. */
export interface DrillPain {
  readonly variationId: string
  /** Day and moment it last hurt. */
  readonly day: IsoDay
  readonly at: string
  readonly place: BodyPlace | null
  /** Times it hurt running, sets that hurt on days that all held one. */
  readonly times: number
  readonly state: 'waits' | 'locked' | 'leftOut'
}

/** Times running at which a drill is locked and a clinician looks at it (common practice, no source). */
export const LOCKING_TIMES = 2

/**
 * Drills that hurt and are not settled: one that hurt waits for a decision; one that hurt twice running is locked until
 * somebody qualified has looked at it; one a coach left out stays out. A decision counts for what hurt before it, and a
 * day on which nothing hurt ends the run.
 *
 * @example
 * openPain([{ variationId: 'x', day: '2026-03-02', at: '2026-03-02T10:00:00Z', hurt: true, place: 'lowBack' }], []) // => [{ variationId: 'x', day: '2026-03-02', at: '2026-03-02T10:00:00Z', place: 'lowBack', times: 1, state: 'waits' }]
 */
export function openPain(sets: readonly PainSet[], decisions: readonly PainDecision[]): DrillPain[] {
  const drills = [...new Set(sets.filter(set => set.hurt).map(set => set.variationId))].sort()
  return drills.flatMap((variationId): DrillPain[] => {
    const own = sets.filter(set => set.variationId === variationId).sort((
      a, b,
    ) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0))
    const last = must(own.find(set => set.hurt))
    const decided = decisions.filter(d =>
      d.variationId === variationId && d.at >= last.at
    ).sort((a, b) => (a.at < b.at ? 1 : -1))[0]
    if (decided?.verdict === 'goOn') return []
    const times = running(own)
    const state = decided?.verdict === 'leaveOut'
      ? 'leftOut'
      : decided?.verdict === 'refer' || times >= LOCKING_TIMES
      ? 'locked'
      : 'waits'
    return [{ variationId, day: last.day, at: last.at, place: last.place, times: Math.max(1, times), state }]
  })
}

/** Sets that hurt on the latest days, up to the first day without one; newest set first. */
function running(sets: readonly PainSet[]): number {
  let times = 0
  for (const day of new Set(sets.map(set => set.day))) {
    const hurt = sets.filter(set => set.day === day && set.hurt).length
    if (hurt === 0) break
    times += hurt
  }
  return times
}
