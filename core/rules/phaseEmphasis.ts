import type { Mode } from '../catalogue'
import { PHASES, type PhaseId } from '../policy/phases'
import { COMMON_PRACTICE, type Rule } from './rule'

/** What a drill outside the phase's leaning costs, beside others as good. */
const COST = 2

/** A phase leans to some modes: what is outside is liked less. Taste, never marked: the coach may well want it. */
export const phaseEmphasis: Rule<'phaseEmphasis', number, { readonly mode: Mode, readonly phase: PhaseId | null }> = {
  id: 'phaseEmphasis', scope: 'place', severity: 'taste', title: 'A phase leans to some kinds of work', value: COST,
  source: COMMON_PRACTICE,
  breaks: (
    { mode, phase },
  ) => (phase === null || (PHASES[phase].modes as readonly string[]).includes(mode)
    ? []
    : [`${PHASES[phase].name} leans to other kinds of work.`]),
}
