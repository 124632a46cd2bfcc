import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '../catalogue'
import { PHASES, type PhaseId } from '../policy'
import { positionOf } from '../programme/sport/positions'
import type { Sport } from '../programme/sport/sportOf'

/** Full sets a week of one action: least and most. */
export interface FullSetBand {
  readonly low: number
  readonly high: number
}
export type FullSetTargets = Readonly<Record<TrunkAction, FullSetBand>>

/** What the targets of a week are reckoned from. */
export interface EffortTargetRequest {
  readonly sport: Sport
  readonly position: string
  readonly sessions: number
  readonly phase: PhaseId
  /** Load of the block's week, 1: usual. */
  readonly load: number
  readonly trainingAgeYears: number
  readonly weakLink: TrunkAction | null
}

/** Full sets that a session should leave in the trunk, lifts and drills together (ours, from trying it on weeks). */
const A_SESSION = 4.2
const MOST_SESSIONS = 4
/** The weak link is asked so much more. */
const WEAK_LINK = 1.4
/** A band goes from and to these parts of what is wanted, and is at least one full set wide. */
const [FROM, TO, WIDE] = [0.8, 1.35, 1]
/** A movement that is asked less than this is a ceiling and no quota. */
const NO_QUOTA = 1.5
const EXPERIENCE = [[1, 0.75], [4, 0.9], [Infinity, 1.1]] as const

/**
 * Full sets a week by action: sessions (four at most count) x 4.2 x phase x experience x sport weight with its
 * position, weak link x 1.4, as a band from 80 to 135 % and at least one full set wide.
 *
 * @example
 * effortTargets({ sport: sportOf('general'), position: '', sessions: 4, phase: 'preSeason', load: 1, trainingAgeYears: 6, weakLink: null }).antiExtension.low.toFixed(1) // => '3.0'
 */
export function effortTargets(of: EffortTargetRequest): FullSetTargets {
  const { sport, position, sessions, phase, load, trainingAgeYears, weakLink } = of
  const shifts = positionOf(sport.id, position)?.shifts ?? {}
  const weighed = TRUNK_ACTIONS.map(action => sport.weights[action] * (shifts[action] ?? 1))
  const total = weighed.reduce((a, b) => a + b, 0)
  const experience = EXPERIENCE.find(([under]) => trainingAgeYears < under)?.[1] ?? 1
  const all = Math.min(sessions, MOST_SESSIONS) * A_SESSION * PHASES[phase].volume * experience * load
  return Object.fromEntries(TRUNK_ACTIONS.map((action, i) => {
    const wanted = all * (weighed[i] ?? 0) / total * (action === weakLink ? WEAK_LINK : 1)
    const quota = ACTION_FACTS[action].resists || wanted >= NO_QUOTA
    const low = quota ? wanted * FROM : 0
    return [action, { low, high: Math.max(low + WIDE, wanted * TO) }]
  })) as unknown as FullSetTargets
}
