import type { Equipment, Variation } from '../catalogue'
import { G } from '../mechanics'

const upTo = (from: number, to: number, step: number): number[] =>
  Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, i) => from + i * step)

/** Kilograms by implement that a usual facility has, where nothing else is known (common practice, no source). */
const USUAL_KG: Readonly<Partial<Record<Equipment, readonly number[]>>> = {
  dumbbell: [...upTo(2, 20, 2), ...upTo(22.5, 50, 2.5)],
  kettlebell: upTo(4, 48, 4),
  plate: [2.5, 5, 10, 15, 20, 25],
  barbell: upTo(20, 140, 2.5),
  medicineBall: upTo(1, 10, 1),
  slamBall: [4, 6, 8, 10, 12, 15, 20],
  sandbag: upTo(10, 60, 5),
  vest: upTo(5, 30, 2.5),
  pendulum: [5, 7.5, 10, 12.5, 15],
  gymBall: [1, 2, 3],
}
/** Weights that are held to the chest. */
const HELD: readonly Equipment[] = ['plate', 'dumbbell', 'kettlebell', 'medicineBall']
/** Pulls of bands and cable columns, newtons: what a coach sets by a scale or by the stack. */
const PULL_N = upTo(20, 300, 10)

/** Implements that have weights of their own, and those that pull. */
export const WEIGHED = Object.keys(USUAL_KG) as readonly Equipment[]
export const PULLING: readonly Equipment[] = ['band', 'cable']

/**
 * Loads of an implement where nothing else is known: kilograms, or newtons of what pulls.
 *
 * @example
 * usualLoads('kettlebell')[0] // => 4
 */
export const usualLoads = (kind: Equipment): readonly number[] =>
  USUAL_KG[kind] ?? (PULLING.includes(kind) ? PULL_N : [])

/** What a facility has: kilograms by implement, newtons by band and cable; what is not named is as usual. */
export type FacilityWeights = Readonly<Partial<Record<Equipment, readonly number[]>>>

/**
 * The loads a drill can be given with what is there, lightest first: kilograms of everything that can be held or worn
 * for it, or newtons of pull; none where it takes no load.
 *
 * @example
 * loadSteps({ settings: ['bandN'], equipment: [['band']] }, ['band'])[0] // => 20
 */
export function loadSteps(
  { settings, equipment }: Pick<Variation, 'settings' | 'equipment'>, has: readonly Equipment[],
  weights: FacilityWeights = {},
): number[] {
  if (settings.includes('loadKg')) {
    const kgOf = (kinds: readonly Equipment[]): number[] =>
      kinds.filter(kind => has.includes(kind)).flatMap(kind => weights[kind] ?? USUAL_KG[kind] ?? [])
    const own = kgOf(equipment.flat())
    // A drill that names no weight, as on a back-extension bench, is loaded with what can be held to the chest.
    return [...new Set(own.length > 0 ? own : kgOf(HELD))].sort((a, b) => a - b)
  }
  if (!settings.includes('bandN')) return []
  // Bands and cables that were measured pull what they pull; where none was, a coach sets the pull by a scale.
  const measured = equipment.flat().filter(kind => has.includes(kind)).flatMap(kind => weights[kind] ?? [])
  return measured.length > 0 ? [...new Set(measured)].sort((a, b) => a - b) : PULL_N
}

/**
 * The step nearest to a load that is wanted; null where there is none.
 *
 * @example
 * nearestStep([4, 8, 12], 9) // => 8
 */
export function nearestStep(steps: readonly number[], wanted: number): number | null {
  return steps.reduce<number | null>(
    (best, step) => (best === null || Math.abs(step - wanted) < Math.abs(best - wanted) ? step : best), null,
  )
}

/**
 * A load as the pull of a band of the same weight, newtons.
 *
 * @example
 * Math.round(asPullN(10)) // => 98
 */
export const asPullN = (kg: number): number => kg * G
