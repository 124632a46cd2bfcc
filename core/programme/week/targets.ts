import { perAction, TRUNK_ACTIONS, type TrunkAction } from '../../catalogue'
import type { Side } from '../../dose'
import { DomainError, must } from '../../errors'
import { bendingFactor, directWorkFactor, PHASES, POLICY_LINES, type Origin, type WeekRules } from '../../policy'
import { positionOf } from '../sport/positions'
import type { SportProfileId } from '../sport/sportProfiles'
import { shareReason, sportOf, type SportEdits } from '../sport/sportOf'

/** Weekly seconds of time under tension wanted for one action. */
export interface Band {
  readonly lowS: number
  readonly highS: number
}

export type Targets = Readonly<Record<TrunkAction, Band>>

/** What a week's targets are reckoned from. */
export interface TargetRequest {
  readonly sport: SportProfileId
  readonly sports?: SportEdits
  readonly sessions: number
  readonly trainingAgeYears: number
  readonly weakLink: TrunkAction | null
  readonly weakSide?: Side | null
  readonly position?: string
  readonly rules?: WeekRules
}

/** One step on the way to a target. */
export interface TargetStep {
  readonly label: string
  readonly why: string
  /** What it multiplies by; null for where the reckoning begins. */
  readonly factor: number | null
  /** Seconds after the step. */
  readonly seconds: number
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

/**
 * Seconds under tension a session should leave in the trunk, lifts and drills together (common practice, no source).
 */
export const SESSION_TUT_S = 300
/** Exposures a week that count (common practice, no source). */
const MOST_SESSIONS = 4
/** Below this a target is a ceiling only. */
const SMALL_S = 30
const WEAK_LINK = 1.5
/** Actions trained one side at a time get this much more where one side is weaker (ours). */
const WEAK_SIDE = 1.1
const ONE_SIDED: readonly TrunkAction[] = ['antiLateralFlexion', 'antiRotation']

/**
 * Factor of training age on weekly volume (common practice, no source).
 *
 * @example
 * experienceFactor(0.5) // => 0.75
 */
export function experienceFactor(trainingAgeYears: number): number {
  if (trainingAgeYears < 1) return 0.75
  return trainingAgeYears < 4 ? 1 : 1.15
}

/**
 * Weekly target per action, as a band from 80 to 130 % of: sessions (at most four count) x 300 s x experience x sport
 * weight, shifted by position, weak link, weaker side, policy, phase and the load of the block's week. A band set by a
 * coach holds over it.
 *
 * The dose is time under tension times the drill's share of the action: the part of its tension that serves it.
 *
 * @throws DomainError `sessions` (0-14) or `trainingAgeYears` (0-60) when out of range.
 * @example
 * weeklyTargets({ sport: 'general', sessions: 3, trainingAgeYears: 2, weakLink: null }).antiExtension // => { lowS: 145, highS: 235 }
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
 * targetOrigins({ sport: 'general', sessions: 3, trainingAgeYears: 2, weakLink: null }).antiRotation.steps.map(s => s.factor) // => [null, 0.2]
 */
export function targetOrigins(of: TargetRequest): Readonly<Record<TrunkAction, TargetOrigin>> {
  if (!(of.sessions >= 0 && of.sessions <= 14)) throw new DomainError('sessions', 'A week holds 0 to 14 sessions.')
  if (!(of.trainingAgeYears >= 0 && of.trainingAgeYears <= 60)) {
    throw new DomainError('trainingAgeYears', 'Training age goes from 0 to 60 years.')
  }
  const weights = shiftedWeights(of)
  return Object.fromEntries(TRUNK_ACTIONS.map((action) => {
    const steps = stepsOf(action, of, weights)
    const reckoned = band(must(steps.at(-1)).seconds)
    const own = of.rules?.bands[action]
    return [action, {
      steps, reckoned, band: own ? { lowS: own.lowS, highS: own.highS } : reckoned, setBy: own?.from ?? null,
    }]
  })) as unknown as Record<TrunkAction, TargetOrigin>
}

/** The sport's weights with the position's shifts, summing to 1 again. */
function shiftedWeights({ sport, sports, position = '' }: TargetRequest): Readonly<Record<TrunkAction, number>> {
  const { weights } = sportOf(sport, sports)
  const shifts = positionOf(sport, position)?.shifts ?? {}
  const shifted = perAction(0)
  for (const action of TRUNK_ACTIONS) shifted[action] = weights[action] * (shifts[action] ?? 1)
  const total = TRUNK_ACTIONS.reduce((sum, action) => sum + shifted[action], 0)
  for (const action of TRUNK_ACTIONS) shifted[action] /= total
  return shifted
}

function stepsOf(action: TrunkAction, of: TargetRequest, weights: Readonly<Record<TrunkAction, number>>): TargetStep[] {
  const counted = Math.min(of.sessions, MOST_SESSIONS)
  const experience = experienceFactor(of.trainingAgeYears)
  const steps: TargetStep[] = [{
    label: `${counted} ${counted === 1 ? 'session' : 'sessions'} of ${SESSION_TUT_S} s`,
    why: of.sessions > MOST_SESSIONS ? 'Four exposures a week count.' : 'Trunk and lifts together.',
    factor: null, seconds: counted * SESSION_TUT_S,
  }]
  const times = (label: string, why: string, factor: number): void => {
    if (factor !== 1) steps.push({ label, why, factor, seconds: must(steps.at(-1)).seconds * factor })
  }
  times(
    'training age',
    experience < 1 ? 'Under a year: less to recover from.' : 'Four years and more bear more.',
    experience,
  )
  const { weights: own } = sportOf(of.sport, of.sports)
  times('sport', shareReason(of.sport, action, of.sports), own[action])
  const position = positionOf(of.sport, of.position ?? '')
  if (position && own[action] > 0)
    times(position.name.toLowerCase(), position.why, weights[action] / own[action])
  if (action === of.weakLink) times('weak link', 'It is asked for half as much again.', WEAK_LINK)
  if (of.weakSide && ONE_SIDED.includes(action))
    times(`weaker ${of.weakSide} side`, 'Room for its extra sets.', WEAK_SIDE)
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

function band(wantedS: number): Band {
  const toFive = (s: number): number => Math.round(s / 5) * 5
  if (wantedS === 0) return { lowS: 0, highS: 0 }
  if (wantedS < SMALL_S) return { lowS: 0, highS: 60 }
  return { lowS: toFive(wantedS * 0.8), highS: Math.max(toFive(wantedS * 1.3), 60) }
}
