import { perAction, TRUNK_ACTIONS, type PerAction } from '../../catalogue'
import { liftFacts } from '../lifts/lifts'
import type { PlannedLift } from '../week/week'

/** Metres of a carry or a sled that ask as much as one repeat (ours). */
const METRES_A_REPEAT = 4
/** Repeats that Epley's line is believed for. */
const MOST_REPEATS = 60

/**
 * Full sets a lift gives each action: sets x min(1, repeats / most repeats at that load by Epley 1985, read backwards)
 * x share.
 *
 * @throws DomainError when the lift is not known.
 * @example
 * liftFullSets({ id: 'a', lift: 'backSquat', sets: 4, reps: 3, percent1Rm: 92 }).antiFlexion.toFixed(1) // => '3.2'
 */
export function liftFullSets({ lift, sets, reps, percent1Rm }: PlannedLift): PerAction {
  const { shares, counted } = liftFacts(lift)
  const repeats = counted === 'metres' ? reps / METRES_A_REPEAT : reps
  const most = Math.min(MOST_REPEATS, Math.max(1, 30 * (100 / percent1Rm - 1)))
  const full = perAction(0)
  for (const action of TRUNK_ACTIONS) full[action] = sets * Math.min(1, repeats / most) * (shares[action] ?? 0)
  return full
}
