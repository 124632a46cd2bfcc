import type { SetLog } from '../assessment'
import { addDays, type IsoDay } from '../calendar'
import type { Decided } from '../programme'
import type { DecisionKind, Step } from './decision'

/** A decision as a coach took it. */
export interface Taken {
  /** The drill that was done. */
  readonly variationId: string
  readonly kind: DecisionKind
  readonly day: IsoDay
  readonly from: Step
  readonly to: Step | null
}

/** So long a decision holds when the drill is not done (common practice, no source). */
const HOLDS_DAYS = 14

/**
 * What decisions say is to be given in the week that begins on a day, by drill; null for one that is left for another.
 * A decision holds until what it gives was done, and no longer than two weeks: then sets say how it goes on.
 *
 * @param taken oldest first
 * @param startsOn the week's Monday
 * @example
 * inForce([], [], '2026-03-02') // => {}
 */
export function inForce(
  taken: readonly Taken[], logs: readonly Pick<SetLog, 'variationId' | 'day'>[], startsOn: IsoDay,
): Record<string, Decided | null> {
  const open = taken.filter(({ day, to, variationId }) =>
    day > addDays(startsOn, -HOLDS_DAYS) && day < addDays(startsOn, 7)
    && !logs.some(log => log.variationId === (to?.variationId ?? variationId) && log.day > day && log.day < startsOn))
  return Object.fromEntries(open.flatMap(given))
}

function given({ kind, variationId, from, to }: Taken): [string, Decided | null][] {
  const left: [string, null][] = kind === 'refer' || (to && to.variationId !== variationId) ? [[variationId, null]] : []
  const step = kind === 'stay' ? from : to
  if (!step || kind === 'refer') return left
  const firm = left.length > 0 || step.dose.sets !== from.dose.sets
  return [...left, [step.variationId, { dose: step.dose, setting: step.setting, firm }]]
}
