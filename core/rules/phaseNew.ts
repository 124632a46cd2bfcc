import { PHASES } from '../policy'
import type { PlaceAsked } from './asked'
import { COMMON_PRACTICE, type Rule } from './rule'

/**
 * Some phases take in nothing new but easy work. New is what was neither done last week nor lies on a branch that the
 * athlete stands on, as high or lower: whoever has met its gate knows it, and a season is long.
 */
export const phaseNew: Rule<'phaseNew', readonly string[], PlaceAsked> = {
  id: 'phaseNew', scope: 'place', severity: 'warn', title: 'In season and taper nothing new but easy work',
  source: COMMON_PRACTICE,
  value: Object.entries(PHASES).filter(([, phase]) => phase.nothingNew).map(([id]) => id),
  breaks: ({ variation, context: { rules: { block }, screen: { rungs } }, before }) => {
    if (!block?.phase || !phaseNew.value.includes(block.phase) || before === null || variation.fatigue === 1) return []
    const known = variation.rung <= (rungs[variation.branch] ?? 0)
      || before.sessions.some(s => s.items.some(i => i.variationId === variation.id))
    return known ? [] : [`${PHASES[block.phase].name}: nothing new but easy work.`]
  },
}
