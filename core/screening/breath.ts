import type { BreathPattern } from '../catalogue'
import { flagFacts } from './marks'
import type { HealthMark } from './restrictions'

/** The breath pattern to prescribe and, where a flag replaced the drill's own, why. */
export interface PrescribedBreath {
  readonly pattern: BreathPattern
  readonly why: string | null
}

/**
 * The drill's own breath pattern, or a breathing-through one where a flag rules breath-holding out.
 *
 * @example
 * breathFor('holdAndReset', ['herniaSurgery']).pattern // => 'exhaleOnEffort'
 */
export function breathFor(pattern: BreathPattern, flags: readonly HealthMark[]): PrescribedBreath {
  const cause = flags.find(id => flagFacts(id).noBreathHold)
  if (pattern !== 'holdAndReset' || !cause) return { pattern, why: null }
  return {
    pattern: 'exhaleOnEffort',
    why: `Holding the breath under load raises blood pressure sharply: ruled out by “${flagFacts(cause).name}”.`,
  }
}
