import type { Variation } from '../catalogue'
import type { FlagId } from '../screening'

/**
 * What the brief says each flag forbids, written out a second time and in another way than the rules: by what the drill
 * is, not by the hazards it is marked with. A drill that is forbidden here and handed out anywhere is a fault.
 */
const RED: readonly FlagId[] = [
  'recentTrauma', 'nightPain', 'saddleNumbness', 'bladderBowel', 'legWeakness', 'feverWeightLoss', 'chestPain',
  'fainting', 'aneurysm', 'cancerHistory', 'longSteroids',
]
const AWAIT_CLEARANCE: readonly FlagId[] = ['legPain', 'bloodPressureHeart', 'pregnancy', 'herniaSurgery']
const weighted = (v: Variation): boolean => v.settings.includes('loadKg') || v.settings.includes('bandN')
const bends = (v: Variation): boolean => (v.shares.flexion ?? 0) >= 0.5
const fast = (v: Variation): boolean => v.mode === 'ballistic'

/** By drill, for each amber flag. */
const FORBIDS: Readonly<Partial<Record<FlagId, (v: Variation) => boolean>>> = {
  backPainBending: v => bends(v),
  backPainArching: v =>
    (v.shares.extension ?? 0) >= 0.5 || v.id.startsWith('rollout.standing') || v.id === 'carries.overhead',
  legPain: v => bends(v) || fast(v) || weighted(v) || v.fatigue > 1,
  bloodPressureHeart: v =>
    v.breath === 'holdAndReset' || v.posture === 'inverted' || v.fatigue >= 4 || v.id === 'carries.suitcase-heavy'
    || v.id === 'compression.l-hold',
  pregnancy: v =>
    v.posture === 'supine' || v.posture === 'prone' || bends(v) || fast(v) || v.id === 'carries.suitcase-heavy',
  herniaSurgery: v => fast(v) || v.fatigue >= 4 || v.id === 'flexion.hanging-pike' || v.id === 'carries.suitcase-heavy',
  shoulder: v =>
    v.posture === 'hanging' || v.posture === 'inverted' || v.id.startsWith('rollout.standing')
    || v.id === 'carries.overhead-uneven',
  wrist: v => ['front-plank.hands', 'quadruped.bear', 'flexion.ball-pike', 'compression.l-hold'].includes(v.id),
  growthSpurt: v => fast(v) || v.id === 'levers.full' || v.id === 'flexion.sit-up-overhead',
  osteoporosis: v =>
    bends(v) || fast(v)
    || ['rollout.standing-full', 'rollout.vest-rollout', 'levers.full', 'rotation.chop-standing'].includes(v.id),
}

/** Open while a clearance is awaited: nothing that is weighted, tiring, fast or taught late. */
const gentle = (v: Variation): boolean => !weighted(v) && !fast(v) && v.fatigue === 1 && v.braceStep <= 4

/**
 * Whether a drill is forbidden to somebody with these flags, none of them cleared, at this age.
 *
 * @example
 * isForbidden(findVariation('rotation.swing'), ['herniaSurgery'], 30) // => true
 */
export function isForbidden(v: Variation, flags: readonly FlagId[], ageYears: number | null): boolean {
  if (flags.some(flag => RED.includes(flag))) return true
  if (flags.some(flag => AWAIT_CLEARANCE.includes(flag)) && !gentle(v)) return true
  if (flags.some(flag => FORBIDS[flag]?.(v))) return true
  if (ageYears === null || ageYears >= 16) return false
  const never =
    /^(rollout\.standing|levers\.(full|straddle|one-leg)|carries\.suitcase-heavy|rotation\.(swing|throw|ball-chop))/
      .test(v.id)
  return never || fast(v) || (ageYears < 12 && weighted(v)) || (ageYears < 14 && v.fatigue > 3)
}
