import type { BreathPattern } from '../catalogue'
import { ageBand } from '../rules/age'
import { flagFacts } from './marks'
import type { Screen } from './screen'

/** The breath pattern to prescribe and, where a flag or an age replaced the drill's own, why. */
export interface PrescribedBreath {
  readonly pattern: BreathPattern
  readonly why: string | null
}

/**
 * The drill's own breath pattern, or a breathing-through one where a flag or the athlete's age rules breath-holding
 * out.
 *
 * @example
 * breathFor('holdAndReset', { flags: ['herniaSurgery'], ageYears: 30 }).pattern // => 'exhaleOnEffort'
 */
export function breathFor(
  pattern: BreathPattern,
  { flags, ageYears, left }: Pick<Screen, 'flags' | 'ageYears' | 'left'>,
): PrescribedBreath {
  if (pattern !== 'holdAndReset') return { pattern, why: null }
  // Whoever may not know why reads the careful pattern.
  if (left) return { pattern: 'exhaleOnEffort', why: null }
  const band = ageBand(ageYears)
  const cause = [...flags.map(flagFacts), ...(band ? [band] : [])].find(facts => facts.noBreathHold)
  if (!cause) return { pattern, why: null }
  return {
    pattern: 'exhaleOnEffort',
    why: `Holding the breath under load raises blood pressure sharply: ruled out by “${cause.name}”.`,
  }
}
