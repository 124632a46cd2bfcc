import { must } from '../../errors'
import { bracedRepS, doseSessionS } from '../../dose'
import type { Catalogue } from '../../catalogue'
import { circuitS } from './circuit'
import { liftFacts } from '../lifts/lifts'
import type { PlannedLift, PlannedSession, Slot, TrunkItem, WeekPlan } from './week'

/** One entry on a session's line of minutes, seconds from its start. */
export interface LineEntry {
  readonly id: string
  readonly kind: 'lift' | 'item' | 'warmUp' | 'coolDown'
  readonly startS: number
  readonly durationS: number
}

export interface SessionLayout {
  readonly entries: readonly LineEntry[]
  readonly totalS: number
  readonly trunkS: number
  /** Work at home, beside the session. */
  readonly homeS: number
}

/** Warm-up sets before a lift at or above WARM_UP_FROM_PERCENT, and changing the bar (common practice, no source). */
const WARM_UP_S = 180
const WARM_UP_FROM_PERCENT = 70
const BAR_CHANGE_S = 60

/**
 * Rest between sets of a lift, seconds: longer as the load rises (common practice, no source).
 *
 * @example
 * liftRestS(82) // => 150
 */
export function liftRestS(percent1Rm: number): number {
  if (percent1Rm >= 85) return 180
  if (percent1Rm >= 75) return 150
  return percent1Rm >= 60 ? 120 : 90
}

/**
 * Seconds a planned lift takes: warm-up sets, working sets, rests and the change of bar.
 *
 * @throws DomainError `percent1Rm` outside 1-100.
 * @example
 * liftDurationS({ id: 'a', lift: 'benchPull', sets: 2, reps: 5, percent1Rm: 65 }) // => 204
 */
export function liftDurationS(planned: PlannedLift): number {
  const lift = liftFacts(planned.lift)
  const setS = planned.reps * bracedRepS(lift.rep, planned.percent1Rm) * (lift.oneSided ? 2 : 1)
  const warmUpS = planned.percent1Rm >= WARM_UP_FROM_PERCENT ? WARM_UP_S : 0
  return Math.round(warmUpS + planned.sets * setS + (planned.sets - 1) * liftRestS(planned.percent1Rm) + BAR_CHANGE_S)
}

/**
 * Seconds of a lift with so many seconds of work in its rests: it is lengthened by half of them (common practice, no
 * source), and holds at least all of them.
 *
 * @throws DomainError as liftDurationS
 * @example
 * liftWithPairedS({ id: 'a', lift: 'benchPull', sets: 2, reps: 5, percent1Rm: 65 }, 60) // => 234
 */
export function liftWithPairedS(planned: PlannedLift, pairedS: number): number {
  return Math.max(liftDurationS(planned) + Math.round(pairedS / 2), pairedS)
}

/**
 * Seconds a trunk item takes in a session; an item whose drill is not in the catalogue takes none.
 *
 * @throws DomainError `tempo` when a written tempo cannot be read.
 * @example
 * itemDurationS({ id: 'a', variationId: 'front-plank.elbows', dose: { sets: 2, amount: 30, unit: 'seconds', restS: 30 }, slot: 'after', pairedWith: null, extraSetSide: null, setting: {}, why: '' }, STANDARD) // => 110
 */
export function itemDurationS(item: TrunkItem, catalogue: Catalogue): number {
  const variation = catalogue.find(item.variationId)
  return variation ? doseSessionS(item.dose, variation.sides, item.extraSetSide) : 0
}

/**
 * Lays a session along its minutes: warm-up, activation, then each lift with what is paired to it or done inside it,
 * then after, then finishers, then cool-down. Work paired with a lift uses its rests, so it lengthens the lift by half
 * of its own time; work at home follows the end and lengthens nothing. Stations of a circuit stand where the first of
 * them stands.
 *
 * @throws DomainError as bracedRepS and doseSessionS.
 * @example
 * layOutSession({ id: 's', day: 0, minutes: 60, lifts: [], items: [] }, STANDARD).totalS // => 0
 */
export function layOutSession(session: PlannedSession, catalogue: Catalogue): SessionLayout {
  const entries: LineEntry[] = []
  let clockS = 0
  const put = (id: string, kind: LineEntry['kind'], durationS: number): void => {
    entries.push({ id, kind, startS: clockS, durationS })
    clockS += durationS
  }
  const durations = durationsOf(session, catalogue)
  const run = (slot: Slot, liftId: string | null = null): void => {
    for (const item of session.items)
      if (item.slot === slot && (liftId === null || item.pairedWith === liftId))
        put(
          item.id, 'item', must(durations.get(item.id)),
        )
  }
  if (session.warmUpMinutes) put('warm-up', 'warmUp', session.warmUpMinutes * 60)
  run('activation')
  for (const planned of session.lifts) {
    const startS = clockS
    run('paired', planned.id)
    run('inside', planned.id)
    const pairedS = clockS - startS
    const durationS = liftWithPairedS(planned, pairedS)
    entries.push({ id: planned.id, kind: 'lift', startS, durationS })
    clockS = startS + durationS
  }
  run('after')
  run('finisher')
  if (session.coolDownMinutes) put('cool-down', 'coolDown', session.coolDownMinutes * 60)
  const totalS = clockS
  run('home')
  const homeS = clockS - totalS
  const trunkS = [...durations.values()].reduce((sum, s) => sum + s, 0) - homeS
  return { entries, totalS, trunkS, homeS }
}

/** Seconds of each item; a circuit's time is shared evenly by its stations. */
function durationsOf(session: PlannedSession, catalogue: Catalogue): Map<string, number> {
  const durations = new Map(session.items.map(item => [item.id, itemDurationS(item, catalogue)]))
  for (const circuit of session.circuits ?? []) {
    const stations = session.items.filter(item => item.circuit === circuit.id)
    const eachS = Math.round(circuitS(circuit, stations, catalogue) / Math.max(1, stations.length))
    for (const { id } of stations) durations.set(id, eachS)
  }
  return durations
}

/**
 * Minutes of trunk work in a week, at home left out; in the rests of a lift half of the time is the lift's own.
 *
 * @throws DomainError `tempo` when a written one cannot be read.
 * @example
 * trunkMinutesOf({ sessions: [] }, STANDARD) // => 0
 */
export function trunkMinutesOf({ sessions }: WeekPlan, catalogue: Catalogue): number {
  return sessions.flatMap(session => session.items).filter(item => item.slot !== 'home')
    .reduce((sum, item) => sum + itemDurationS(item, catalogue) * (item.pairedWith === null ? 1 : 0.5), 0) / 60
}
