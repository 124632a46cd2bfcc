import { kindOf, type DrillKind, type PerAction, type Variation } from '../catalogue'
import { secondsOf, type Side } from '../dose'
import { must } from '../errors'
import type { OnPath } from '../mechanics'
import { ACTIONS_OF, asksOf, CAPACITY_IDS, type CapacityId, type PerCapacity } from './directions'
import { fullSetsOf, intensityWeight } from './fullSets'
import { limitTimeS } from './limitTime'
import { blended, type OwnLimit } from './ownBest'
import type { PathsOf } from './paths'
import { secondsAlong, type SetDone } from './setTime'

/** What of a drill its effort follows from. */
export type EffortDrill =
  & Pick<Variation, 'id' | 'pose' | 'shares' | 'kind' | 'mode' | 'sides' | 'gate' | 'doses'>

/** A set as it is planned or done, for one athlete. */
export interface EffortSet extends SetDone {
  /** Settings by name, as they are written down or as the pose knows them. */
  readonly settings: Readonly<Record<string, unknown>>
  /** Null: both sides are reckoned, and the one nearer to its limit decides. */
  readonly side: Side | null
}

/** How far a set goes towards the athlete's own limit. */
export interface Effort {
  /** Greatest moment asked by moment that could be held, of what decides; null without a pose. */
  readonly r: number | null
  /** Longest set of this kind, seconds; null without a pose. */
  readonly limitS: number | null
  /** 1: all the way to the limit. */
  readonly effort: number
  /** What gives out first; null without a pose. */
  readonly decides: CapacityId | null
  /** Full sets by action that the one set is worth. */
  readonly fullSets: Partial<PerAction>
  readonly kind: DrillKind
}

/** How far a set goes and how hard it gets, by what holds against it. */
type Damage = Readonly<Record<CapacityId, { readonly effort: number, readonly r: number }>>

/**
 * How far of the way to the limit a set goes in every direction: the sum of its seconds by the limit times of the
 * positions they are spent in (linear damage, as Palmgren-Miner; our assumption).
 *
 * @example
 * damageOf([{ sagittalNm: -121, frontalNm: 0, transverseNm: 0 }], { id: 'front-plank.elbows' }, null, [30], { arch: 230.6, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }).arch.effort.toFixed(2) // => '0.31'
 */
export function damageOf(
  path: readonly Pick<OnPath, 'sagittalNm' | 'frontalNm' | 'transverseNm'>[], drill: Pick<Variation, 'id' | 'pose'>,
  side: Side | null, seconds: readonly number[], capacities: PerCapacity,
): Damage {
  const asks = path.map(position => asksOf(position, drill, side))
  return Object.fromEntries(
    CAPACITY_IDS.map(id => [id, damageAgainst(asks.map(ask => ask[id]), seconds, capacities[id])]),
  ) as unknown as Damage
}

/**
 * The same against one direction alone.
 *
 * @param asked moments along the path, N·m
 * @param capacity N·m
 * @example
 * damageAgainst([121], [98], 230.6).effort.toFixed(1) // => '1.0'
 */
export function damageAgainst(
  asked: readonly number[], seconds: readonly number[], capacity: number,
): { readonly effort: number, readonly r: number } {
  let [effort, hardest] = [0, 0]
  asked.forEach((nm, i) => {
    const r = nm / capacity
    if (r > 0) effort += (seconds[i] ?? 0) / limitTimeS(r)
    hardest = Math.max(hardest, r)
  })
  return { effort, r: hardest }
}

/**
 * What a set is worth to an athlete: how far it goes to the own limit, what decides, and full sets by action. Of
 * several directions the one that would give out first decides; every one is credited with its own. Activation,
 * mobility and the brace course are worth none.
 *
 * @param own the athlete's own limit at this drill and setting: it takes the curve's place as far as it is more certain
 * @param belowPresent rungs below the present one, for a drill without a pose
 * @throws DomainError `tempo` when it cannot be read.
 * @example
 * effortOf(findVariation('front-plank.elbows'), { unit: 'seconds', amount: 30, settings: {}, side: null }, pathsOf(bodyOf({ sex: 'male', heightM: 1.8, massKg: 80 })), { arch: 230.6, fold: 275, sideLeft: 219, sideRight: 219, turnLeft: 100, turnRight: 100 }).limitS.toFixed(0) // => '98'
 */
export function effortOf(
  drill: EffortDrill, set: EffortSet, paths: PathsOf, capacities: PerCapacity, belowPresent = 0,
  own: OwnLimit | null = null,
): Effort {
  const kind = kindOf(drill)
  const path = paths(drill, set.settings)
  if (path.length === 0) return withoutPose(drill, set, belowPresent, kind)
  const seconds = secondsAlong(set, path.length)
  const sides: (Side | null)[] = set.side === null && drill.sides === 'each' ? ['left', 'right'] : [set.side]
  const all = sides.map(side => damageOf(path, drill, side, seconds, capacities))
  const found = all.flatMap(damage => CAPACITY_IDS.map(id => ({ id, ...damage[id] })))
  const first = found.reduce((a, b) => (b.effort > a.effort ? b : a))
  const total = seconds.reduce((sum, s) => sum + s, 0)
  const limitS = first.effort > 0 ? blended(total / first.effort, own) : null
  const effort = limitS === null ? 0 : total / limitS
  // What the own limit says of the set it says of every direction: the proportions between them are the curve's.
  const by = first.effort > 0 ? effort / first.effort : 1
  const worth = kind === 'work' ? all.map(damage => creditOf(drill, scaled(damage, by))) : []
  return {
    r: first.r, limitS, effort, decides: first.id,
    fullSets: meanOf(worth), kind: kind === 'work' && intensityWeight(first.r) === 0 ? 'activation' : kind,
  }
}

const scaled = (damage: Damage, by: number): Damage => Object.fromEntries(
  CAPACITY_IDS.map(id => [id, { r: damage[id].r, effort: damage[id].effort * by }]),
) as unknown as Damage

/** Full sets by action: the larger of two sides goes to an action that has one each; making and resisting by share. */
function creditOf({ shares }: EffortDrill, damage: Damage): Partial<PerAction> {
  const credit: Record<string, number> = {}
  for (const id of CAPACITY_IDS) {
    const full = fullSetsOf(damage[id].effort, damage[id].r)
    if (full === 0) continue
    const [resists, makes] = ACTIONS_OF[id]
    const [held, made] = [shares[resists] ?? 0, shares[makes] ?? 0]
    const part = held + made > 0 ? held / (held + made) : 1
    for (const [action, worth] of [[resists, full * part], [makes, full * (1 - part)]] as const)
      if (worth > 0) credit[action] = Math.max(credit[action] ?? 0, worth)
  }
  return credit
}

function meanOf(all: readonly Partial<PerAction>[]): Partial<PerAction> {
  const sum: Record<string, number> = {}
  for (const one of all) {
    for (const [action, worth] of Object.entries(one)) sum[action] = (sum[action] ?? 0) + worth / all.length
  }
  return sum
}

/** A gate's amount is this much of the limit at the present rung; each rung below makes the limit longer (ours). */
const [GATE_OF_LIMIT, LONGER_A_RUNG] = [0.75, 1.5]

/**
 * Without a pose the gate stands for the limit: the present rung counts whole, one below half, lower ones nothing. What
 * is counted otherwise than the gate is counts by the time it takes.
 */
function withoutPose(drill: EffortDrill, { amount, unit, tempo }: SetDone, below: number, kind: DrillKind): Effort {
  const own = must(drill.doses[0])
  const counted = unit === own.unit
    ? amount
    : secondsOf(amount, unit, tempo ?? undefined) / secondsOf(1, own.unit, own.tempo)
  const effort = counted / (drill.gate.amount / GATE_OF_LIMIT * LONGER_A_RUNG ** below)
  const weight = kind !== 'work' || below > 1 ? 0 : below === 1 ? 0.5 : 1
  const most = Math.max(...Object.values(drill.shares), 0)
  const fullSets = Object.fromEntries(
    Object.entries(drill.shares).filter(([, share]) => share > 0 && weight > 0)
      .map(([action, share]) => [action, Math.min(1, effort) * weight * share / most]),
  )
  return { r: null, limitS: null, effort, decides: null, fullSets, kind }
}
