import type { Variation } from './variation'
import type { Equipment, Hazard } from './vocabulary'

/** From this share on a drill bends, arches or turns the spine as its work. */
const AS_ITS_WORK = 0.25
const WEIGHTS: readonly Equipment[] = [
  'medicineBall', 'slamBall', 'plate', 'dumbbell', 'kettlebell', 'sandbag', 'barbell', 'vest', 'pendulum', 'band',
  'cable',
]

/**
 * Fatigue class from which a drill strains against the belly whatever it is, and at which it is near the most there is.
 */
const STRAINS = 4
const NEAR_MOST = 5

/** What of a drill its hazards follow from. */
export type HazardFacts = Pick<
  Variation,
  'shares' | 'posture' | 'mode' | 'breath' | 'settings' | 'equipment' | 'fatigue' | 'spineCost'
>

/** Whether a drill is done against something besides the body's own weight. */
const isLoaded = ({ settings, equipment }: HazardFacts): boolean =>
  settings.includes('loadKg') || settings.includes('bandN')
  || equipment.some(need => need.every(item => WEIGHTS.includes(item)))

/** Heavy on the whole body: tiring, a weight in hand, and not kind to the spine. */
const isHeavy = ({ settings, fatigue, spineCost }: HazardFacts): boolean =>
  settings.includes('loadKg') && fatigue >= 3 && spineCost >= 2

/**
 * The hazards a drill has by what it is: its posture, what it makes the spine do, under what, how fast, how hard, and
 * with which breath. Every drill carries these, ours and an organisation's own, whatever its author ticked, so that no
 * flag is passed by (common practice, no source).
 *
 * @example
 * impliedHazards({ ...findVariation('flexion.crunch'), posture: 'hanging' }) // => ['flexion', 'hanging']
 */
// eslint-disable-next-line complexity -- a list of hazards, each a line of its own
export function impliedHazards(drill: HazardFacts): Hazard[] {
  const { shares, posture, mode, breath, fatigue, spineCost } = drill
  const does = (share: number | undefined): boolean => (share ?? 0) >= AS_ITS_WORK - 1e-9
  const loaded = isLoaded(drill)
  const hazards: Hazard[] = []
  if (does(shares.flexion)) hazards.push('flexion', ...(loaded ? ['loadedFlexion' as const] : []))
  if (does(shares.extension)) hazards.push('extension')
  if (does(shares.rotation) && loaded) hazards.push('loadedRotation')
  if (posture === 'supine' || posture === 'prone' || posture === 'hanging' || posture === 'inverted')
    hazards.push(posture)
  if (mode === 'ballistic') hazards.push('ballistic')
  if (breath === 'holdAndReset' || fatigue >= STRAINS || isHeavy(drill)) hazards.push('pressureRise')
  if (loaded) hazards.push('loaded')
  if (fatigue === NEAR_MOST || (spineCost === 3 && loaded)) hazards.push('maximal')
  return hazards
}

/**
 * What an author named together with what follows from the drill itself, each once.
 *
 * @example
 * allHazards({ ...findVariation('flexion.crunch'), hazards: ['overhead'] }) // => ['overhead', 'flexion', 'supine']
 */
export function allHazards(drill: HazardFacts & Pick<Variation, 'hazards'>): Hazard[] {
  return [...new Set([...drill.hazards, ...impliedHazards(drill)])]
}
