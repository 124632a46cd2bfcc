import type { Variation } from './variation'
import type { Equipment, Hazard } from './vocabulary'

/** From this share on a drill bends, arches or turns the spine as its work. */
const AS_ITS_WORK = 0.25
const WEIGHTS: readonly Equipment[] = [
  'medicineBall', 'slamBall', 'plate', 'dumbbell', 'kettlebell', 'sandbag', 'barbell', 'vest', 'pendulum', 'band', 'cable',
]

/** What of a drill its hazards follow from. */
export type HazardFacts = Pick<Variation, 'shares' | 'posture' | 'mode' | 'breath' | 'settings' | 'equipment'>

/**
 * The hazards a drill has by what it is: its posture, what it makes the spine do, under what, how fast, and with which breath.
 * A drill of an organisation's own always carries these, whatever its author ticked, so that no flag is passed by
 * (common practice, no source).
 *
 * @example
 * impliedHazards({ ...findVariation('flexion.crunch'), posture: 'hanging' }) // => ['flexion', 'hanging']
 */
export function impliedHazards({ shares, posture, mode, breath, settings, equipment }: HazardFacts): Hazard[] {
  const does = (share: number | undefined): boolean => (share ?? 0) >= AS_ITS_WORK - 1e-9
  const loaded = settings.includes('loadKg') || settings.includes('bandN')
    || equipment.some(need => need.every(item => WEIGHTS.includes(item)))
  const hazards: Hazard[] = []
  if (does(shares.flexion)) hazards.push('flexion', ...(loaded ? ['loadedFlexion' as const] : []))
  if (does(shares.extension)) hazards.push('extension')
  if (does(shares.rotation) && loaded) hazards.push('loadedRotation')
  if (posture === 'supine' || posture === 'prone' || posture === 'hanging' || posture === 'inverted') hazards.push(posture)
  if (mode === 'ballistic') hazards.push('ballistic')
  if (breath === 'holdAndReset') hazards.push('pressureRise')
  return hazards
}
