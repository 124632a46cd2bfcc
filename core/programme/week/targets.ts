import { ACTION_FACTS, TRUNK_ACTIONS, type TrunkAction } from '../../catalogue'
import { DomainError, must } from '../../errors'
import { bendingFactor, directWorkFactor, PHASES, POLICY_LINES, type Origin, type WeekRules } from '../../policy'
import { positionOf } from '../sport/positions'
import type { SportProfileId } from '../sport/sportProfiles'
import { shareReason, sportOf, type SportEdits } from '../sport/sportOf'

/** Weekly full sets wanted for one action. */
export interface Band {
  readonly low: number
  readonly high: number
  /** Least and most seconds a coach once set it in. */
  readonly wasS?: readonly [number, number]
}

export type Targets = Readonly<Record<TrunkAction, Band>>

/** What a week's targets are reckoned from. */
export interface TargetRequest {
  readonly sport: SportProfileId
  readonly sports?: SportEdits
  readonly sessions: number
  readonly trainingAgeYears: number
  readonly weakLink: TrunkAction | null
  readonly position?: string
  readonly rules?: WeekRules
  /** Most full sets of one of the last three weeks; null: nothing is known of them. */
  readonly bestLately?: number | null
}

/** One step on the way to a target. */
export interface TargetStep {
  readonly label: string
  readonly why: string
  /** What it multiplies by; null for where the reckoning begins. */
  readonly factor: number | null
  /** Full sets after the step. */
  readonly sets: number
}

/** How a band came about, to be opened by a coach. */
export interface TargetOrigin {
  readonly steps: readonly TargetStep[]
  /** What was reckoned, whatever holds. */
  readonly reckoned: Band
  readonly band: Band
  /** Who set the band by hand; null: it is the reckoned one. */
  readonly setBy: Origin | null
}

/** Full sets that a session should leave in the trunk, lifts and drills together (ours, from trying it on weeks). */
export const SESSION_SETS = 4.2
/** Exposures a week that count (common practice, no source). */
const MOST_SESSIONS = 4
const WEAK_LINK = 1.4
/** A band goes from and to these parts of what is wanted, and is at least one full set wide. */
const [FROM, TO, WIDE] = [0.8, 1.35, 1]
/** A movement that is asked less than this is a ceiling and no quota. */
const NO_QUOTA = 1.5
/** A week holds so much more than the best of the last three, at most; and no less than so much of what is wanted. */
const [GROWTH, LEAST_LEFT] = [1.15, 0.5]
const EXPERIENCE = [[1, 0.75], [4, 0.9], [Infinity, 1.1]] as const

/**
 * Factor of training age on weekly volume (common practice, no source).
 *
 * @example
 * experienceFactor(0.5) // => 0.75
 */
export function experienceFactor(trainingAgeYears: number): number {
  return EXPERIENCE.find(([under]) => trainingAgeYears < under)?.[1] ?? 1
}

/**
 * Weekly target per action in full sets, as a band from 80 to 135 % of: sessions (at most four count) x 4.2 x
 * experience x sport weight, shifted by position, weak link, policy, phase and the load of the block's week; at least
 * one full set wide. The whole grows at most 15 % over the best of the last three weeks. A band set by a coach holds
 * over it.
 *
 * @throws DomainError `sessions` (0-14) or `trainingAgeYears` (0-60) when out of range.
 * @example
 * weeklyTargets({ sport: 'general', sessions: 4, trainingAgeYears: 6, weakLink: null }).antiExtension.low.toFixed(1) // => '3.0'
 */
export function weeklyTargets(of: TargetRequest): Targets {
  const origins = targetOrigins(of)
  return Object.fromEntries(TRUNK_ACTIONS.map(action => [action, origins[action].band])) as Record<TrunkAction, Band>
}

/**
 * The same targets with every step that led to them.
 *
 * @throws DomainError as `weeklyTargets`.
 * @example
 * targetOrigins({ sport: 'general', sessions: 3, trainingAgeYears: 8, weakLink: null }).antiRotation.steps.map(s => s.factor) // => [null, 1.1, 0.2]
 */
export function targetOrigins(of: TargetRequest): Readonly<Record<TrunkAction, TargetOrigin>> {
  if (!(of.sessions >= 0 && of.sessions <= 14)) throw new DomainError('sessions', 'A week holds 0 to 14 sessions.')
  if (!(of.trainingAgeYears >= 0 && of.trainingAgeYears <= 60)) {
    throw new DomainError('trainingAgeYears', 'Training age goes from 0 to 60 years.')
  }
  const weights = shiftedWeights(of)
  const all = TRUNK_ACTIONS.map(action => stepsOf(action, of, weights))
  const growth = growthOf(of, all.reduce((sum, steps) => sum + must(steps.at(-1)).sets, 0))
  return Object.fromEntries(TRUNK_ACTIONS.map((action, i) => {
    const steps = [...must(all[i]), ...growth(must(must(all[i]).at(-1)).sets)]
    const reckoned = bandOf(action, must(steps.at(-1)).sets)
    const own = of.rules?.bands[action]
    if (!own) return [action, { steps, reckoned, band: reckoned, setBy: null }]
    const { from, ...band } = own
    return [action, { steps, reckoned, band, setBy: from }]
  })) as unknown as Record<TrunkAction, TargetOrigin>
}

/** The sport's weights with the position's shifts, summing to 1 again. */
function shiftedWeights({ sport, sports, position = '' }: TargetRequest): Readonly<Record<TrunkAction, number>> {
  const { weights } = sportOf(sport, sports)
  const shifts = positionOf(sport, position)?.shifts ?? {}
  const shifted = TRUNK_ACTIONS.map(action => weights[action] * (shifts[action] ?? 1))
  const total = shifted.reduce((sum, share) => sum + share, 0)
  return Object.fromEntries(
    TRUNK_ACTIONS.map((action, i) => [action, must(shifted[i]) / total]),
  ) as Record<TrunkAction, number>
}

function stepsOf(action: TrunkAction, of: TargetRequest, weights: Readonly<Record<TrunkAction, number>>): TargetStep[] {
  const counted = Math.min(of.sessions, MOST_SESSIONS)
  const experience = experienceFactor(of.trainingAgeYears)
  const steps: TargetStep[] = [{
    label: `${counted} ${counted === 1 ? 'session' : 'sessions'} of ${SESSION_SETS} full sets`,
    why: of.sessions > MOST_SESSIONS ? 'Four exposures a week count.' : 'Trunk and lifts together.',
    factor: null, sets: counted * SESSION_SETS,
  }]
  const times = (label: string, why: string, factor: number): void => {
    if (factor !== 1) steps.push({ label, why, factor, sets: must(steps.at(-1)).sets * factor })
  }
  times(
    'training age', experience < 1 ? 'Under four years: less to recover from.' : 'Four years and more bear more.',
    experience,
  )
  const { weights: own } = sportOf(of.sport, of.sports)
  times('sport', shareReason(of.sport, action, of.sports), own[action])
  const position = positionOf(of.sport, of.position ?? '')
  if (position && own[action] > 0)
    times(position.name.toLowerCase(), position.why, weights[action] / own[action])
  if (action === of.weakLink) times('weak link', 'It is asked for two fifths more.', WEAK_LINK)
  if (!of.rules) return steps
  const { policy, from, block } = of.rules
  times(
    `policy: ${POLICY_LINES.directWork.choices[policy.directWork]}`, `Settled for ${from.directWork.name}.`,
    directWorkFactor(policy),
  )
  if (action === 'flexion')
    times(
      `policy: bending ${POLICY_LINES.flexion.choices[policy.flexion]}`,
      `Settled for ${from.flexion.name}.`, bendingFactor(policy),
    )
  if (!block) return steps
  if (block.phase)
    times(PHASES[block.phase].name.toLowerCase(), PHASES[block.phase].purpose, PHASES[block.phase].volume)
  times(`week ${block.week} of ${block.weeks}`, 'The block’s load for this week.', block.load)
  return steps
}

/** A step that holds the whole week to little more than the best of the last three; none where it asks no more. */
function growthOf({ bestLately = null }: TargetRequest, wanted: number): (sets: number) => TargetStep[] {
  const factor = bestLately === null || wanted === 0
    ? 1
    : Math.min(1, Math.max(LEAST_LEFT, GROWTH * bestLately / wanted))
  return sets => (factor === 1
    ? []
    : [{
      label: 'growth', factor, sets: sets * factor,
      why: `The best of the last three weeks held ${(bestLately ?? 0).toFixed(1)} full sets: 15 % more are enough.`,
    }])
}

function bandOf(action: TrunkAction, wanted: number): Band {
  if (wanted === 0) return { low: 0, high: 0 }
  const low = ACTION_FACTS[action].resists || wanted >= NO_QUOTA ? wanted * FROM : 0
  return { low, high: Math.max(low + WIDE, wanted * TO) }
}
