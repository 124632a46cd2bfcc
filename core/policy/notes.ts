import type { Variation } from '../catalogue'
import type { Policy } from './lines'

/**
 * Drills that keep a natural arch whatever the policy: pressing, marching and hovering over the floor (common practice,
 * no source).
 */
const KEEPS_ARCH = /march|hovering|hands-on-thighs/

/**
 * What a policy adds to the words of a drill: how the low back lies, when to breathe out in a rollout, drawing in at
 * low load.
 *
 * @example
 * policyNotes(findVariation('rollout.wheel-kneeling'), { ...DEFAULT_POLICY, rolloutBreath: 'out' }) // => ['Breathe out while you lengthen.']
 */
export function policyNotes(variation: Variation, policy: Policy): string[] {
  const notes: string[] = []
  if (
    variation.posture === 'supine' && policy.lowBack !== 'drill'
    && !(policy.lowBack === 'flat' && KEEPS_ARCH.test(variation.id))
  ) {
    notes.push(
      policy.lowBack === 'flat'
        ? 'Low back pressed flat into the floor.'
        : 'Keep the small natural arch of the low back.',
    )
  }
  if (variation.ladder === 'rollout' && policy.rolloutBreath === 'out') notes.push('Breathe out while you lengthen.')
  if (policy.cue === 'drawIn' && variation.fatigue === 1 && !variation.settings.includes('loadKg'))
    notes.push('Draw the navel in gently: a cue for low load only.')
  return notes
}
