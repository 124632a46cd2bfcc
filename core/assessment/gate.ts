import type { Variation } from '../catalogue'
import type { SetLog } from './setLog'

/** How far a gate is met. */
export interface GateProgress {
  /** Most sessions running in which it was met. */
  readonly sessions: number
  readonly met: boolean
}

/**
 * Whether logged sets meet a variation's gate: every set of it, on each side, for so many amounts without a break, in
 * so many sessions running. A session in between that fell short begins the count anew.
 *
 * @param logs sets of any drill; those of this variation count
 * @example
 * gateProgress(findVariation('side-plank.feet'), []) // => { sessions: 0, met: false }
 */
export function gateProgress(variation: Variation, logs: readonly SetLog[]): GateProgress {
  const own = logs.filter(log => log.variationId === variation.id)
  const days = [...new Set(own.map(log => log.day))].sort()
  let [running, best] = [0, 0]
  for (const day of days) {
    running = dayMeets(variation, own.filter(log => log.day === day)) ? running + 1 : 0
    best = Math.max(best, running)
  }
  return { sessions: best, met: best >= variation.gate.sessions }
}

function dayMeets({ gate, sides }: Variation, logs: readonly SetLog[]): boolean {
  const good = logs.filter(log => log.amount >= gate.amount && log.breakPoint === 'none')
  if (sides === 'both') return good.length >= gate.sets
  return good.filter(log => log.side === 'left').length >= gate.sets
    && good.filter(log => log.side === 'right').length >= gate.sets
}
