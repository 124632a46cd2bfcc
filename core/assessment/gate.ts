import { gateLoadKg, ownUnit, type Variation } from '../catalogue'
import { G } from '../mechanics'
import type { SetLog } from './setLog'

/** How far a gate is met. */
export interface GateProgress {
  /** Most sessions running in which it was met. */
  readonly sessions: number
  /** Sessions running up to and with the latest. */
  readonly running: number
  readonly met: boolean
}

/**
 * Whether logged sets meet a variation's gate: every set of it, on each side, for so many amounts without a break, in
 * so many sessions running; fewer sets show as much when each is long enough and they hold as much together (ours). A
 * session in between that fell short begins the count anew.
 *
 * @param logs sets of any drill; those of this variation count
 * @param massKg body mass: a set under the load the gate holds at does not count; null leaves loads out
 * @param mostEffort a set that was harder does not count, 0-10
 * @example
 * gateProgress(findVariation('side-plank.feet'), []) // => { sessions: 0, running: 0, met: false }
 */
export function gateProgress(
  variation: Variation, logs: readonly SetLog[], massKg: number | null = null, mostEffort = 10,
): GateProgress {
  // Forty seconds are no forty repeats: a gate is shown in what it is counted in.
  const own = logs.filter(log => log.variationId === variation.id && log.unit === ownUnit(variation))
  const days = [...new Set(own.map(log => log.day))].sort()
  let [running, best] = [0, 0]
  for (const day of days) {
    const sets = own.filter(log => log.day === day && (log.effort ?? 0) <= mostEffort)
    running = dayMeets(variation, sets, massKg) ? running + 1 : 0
    best = Math.max(best, running)
  }
  return { sessions: best, running, met: best >= variation.gate.sessions }
}

/** Loads come in steps: a set this near to what is asked is at it. */
const NEAR = 0.95

function dayMeets({ gate, sides }: Variation, logs: readonly SetLog[], massKg: number | null): boolean {
  const least = massKg === null ? null : gateLoadKg(gate, massKg)
  const good = logs.filter(log => log.amount >= gate.amount && log.breakPoint === 'none'
    && (least === null || loadOf(log) >= least * NEAR))
  const together = gate.sets * gate.amount
  const enough = (sets: readonly SetLog[]): boolean =>
    sets.length >= gate.sets || (sets.length > 1 && sets.reduce((sum, log) => sum + log.amount, 0) >= together)
  if (sides === 'both') return enough(good)
  return enough(good.filter(log => log.side === 'left')) && enough(good.filter(log => log.side === 'right'))
}

/** What a set was done against, in kilograms: a weight, or a band's pull as one. */
const loadOf = ({ setting }: SetLog): number => setting.loadKg ?? (setting.bandN ?? 0) / G
