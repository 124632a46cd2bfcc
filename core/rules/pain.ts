import { isAbove, mainAction } from '../catalogue'
import type { DrillPain } from '../screening/pain'
import type { DrillAsked } from './drill'
import { COMMON_PRACTICE, type Rule } from './rule'

/**
 * Effort is not pain: a drill that hurt waits for a coach's decision, nothing above it on its ladder is begun
 * meanwhile, and after pain in the low back nothing as tiring for the same action either.
 */
export const pain: Rule<'pain', null, DrillAsked> = {
  id: 'pain', scope: 'drill', severity: 'stop', title: 'Pain waits for a decision', value: null,
  source: COMMON_PRACTICE,
  breaks: asked => (asked.screen.pain ?? []).flatMap(one => broken(one, asked)),
}

function broken({ variationId, place, state }: DrillPain, { variation, screen }: DrillAsked): string[] {
  const hurt = screen.catalogue.find(variationId)
  if (variationId === variation.id) {
    if (state === 'locked') return []
    return [
      state === 'leftOut' ? 'Left out by the coach after it hurt.' : 'It hurt: it waits for the coach’s decision.',
    ]
  }
  if (!hurt || state === 'leftOut') return []
  if (isAbove(variation, hurt, screen.catalogue))
    return [`${hurt.name} hurt: no progress there until it is decided.`]
  const main = mainAction(variation.shares)
  const asHard = main !== null && main === mainAction(hurt.shares) && variation.fatigue >= hurt.fatigue
    && variation.fatigue > 1
  return place === 'lowBack' && asHard
    ? [`${hurt.name} hurt in the low back: nothing as tiring for the same action until it is decided.`]
    : []
}
