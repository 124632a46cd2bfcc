import { adherenceOf, type DrillSession } from '../assessment'
import { addDays } from '../calendar'
import type { Variation } from '../catalogue'
import { setCount } from '../dose'
import { must } from '../errors'
import type { Confidence } from './decision'
import type { DecideRequest } from './request'

/** Weeks whose attendance counts, and the part of planned sets under which a decision rests on little (ours). */
const [ATTENDED_DAYS, ATTENDED_PART] = [21, 0.5]
/** A side this far behind the other is said (Impellizzeri et al. 2007, recalled: differences over 10-15 % matter). */
const SIDE_PART = 0.1

/**
 * How sure a decision is, and what it is doubted for. Clear ones may be accepted without a look.
 */
export function confidenceOf(
  variation: Variation, sessions: readonly DrillSession[], request: DecideRequest,
): { readonly confidence: Confidence, readonly doubts: readonly string[] } {
  const rare = rarelyDone(request)
  const few = sessions.length < 2 ? ['Done in one session only.'] : []
  const doubts = [
    ...few, ...rare, ...notLogged(variation, must(sessions.at(-1)), request),
    ...must(sessions.at(-1)).effort === null ? ['How hard it was is not said.'] : [],
    ...behind(must(sessions.at(-1))),
    ...request.context.screen.flags.length > 0 ? ['A flag is open.'] : [],
    ...overruledBefore(variation, request),
  ]
  return { confidence: doubts.length === 0 ? 'clear' : few.length + rare.length > 0 ? 'thin' : 'likely', doubts }
}

function rarelyDone({ prescribed, logs, context, season: { today } }: DecideRequest): string[] {
  const from = addDays(today, -ATTENDED_DAYS)
  const lately = <T extends { readonly day: string }>(all: readonly T[]): T[] =>
    all.filter(({ day }) => day > from && day <= today)
  const { adherence, plannedSets } = adherenceOf(lately(prescribed), lately(logs), context.screen.catalogue)
  return adherence !== null && adherence < ATTENDED_PART
    ? [`${Math.round(adherence * plannedSets)} of ${plannedSets} planned sets are logged in three weeks.`]
    : []
}

function notLogged({ sides }: Variation, { sets }: DrillSession, { prescribed }: DecideRequest): string[] {
  const items = new Set(sets.map(set => set.prescribedItemId))
  const planned = prescribed.filter(item => items.has(item.itemId))
    .reduce((sum, item) => sum + setCount(item.dose, sides, item.extraSetSide), 0)
  return sets.length < planned ? [`${sets.length} of ${planned} sets of the last session are logged.`] : []
}

function behind({ sets }: DrillSession): string[] {
  const leastOf = (side: 'left' | 'right'): number =>
    Math.min(...sets.filter(set => set.side === side).map(set => set.amount))
  const [left, right] = [leastOf('left'), leastOf('right')]
  if (!Number.isFinite(left) || !Number.isFinite(right)) return []
  return Math.abs(left - right) > SIDE_PART * Math.max(left, right) ? [`Left ${left}, right ${right}.`] : []
}

function overruledBefore({ id }: Variation, { overruled = [] }: DecideRequest): string[] {
  const before = overruled.find(one => one.variationId === id)
  return before ? [`A coach decided otherwise on ${before.day}: ${before.reason}`] : []
}
