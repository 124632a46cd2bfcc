/**
 * How strongly a drill presses the low spine together, where somebody measured it. Classes and not newtons: the figures
 * come from young healthy people and a muscle model, and our own statics must not be read as if it added to them.
 *
 * Cuts at 2000 and 3000 N are ours. Values recalled from memory; check before relying on them.
 */
export const COMPRESSION_CLASSES = { low: 'low', moderate: 'moderate', high: 'high' } as const
export type CompressionClass = keyof typeof COMPRESSION_CLASSES

export interface PublishedCompression {
  readonly class: CompressionClass
  /** The movement that was measured, which need not be ours to the inch. */
  readonly measured: string
  readonly source: string
}

const ABDOMINALS = 'Axler & McGill 1997'
const EXTENSORS = 'Callaghan, Gunning & McGill 1998'

const PUBLISHED: Readonly<Record<string, PublishedCompression>> = {
  'flexion.curl-up': { class: 'low', measured: 'curl-up with free feet', source: ABDOMINALS },
  'flexion.crunch': { class: 'moderate', measured: 'quarter sit-up', source: ABDOMINALS },
  'flexion.hanging-knee-raise': { class: 'high', measured: 'hanging raise with bent legs', source: ABDOMINALS },
  'flexion.hanging-leg-raise': { class: 'moderate', measured: 'hanging raise with straight legs', source: ABDOMINALS },
  'side-plank.feet': { class: 'moderate', measured: 'side support held still', source: ABDOMINALS },
  'quadruped.leg-only': { class: 'moderate', measured: 'one leg reached on hands and knees', source: EXTENSORS },
  'quadruped.opposite-arm-leg': {
    class: 'high', measured: 'opposite arm and leg on hands and knees', source: EXTENSORS,
  },
}

/**
 * The published compression class of a variation; null where nobody measured it or it is not known to us.
 *
 * @example
 * publishedCompression('flexion.curl-up').class // => 'low'
 */
export function publishedCompression(variationId: string): PublishedCompression | null {
  return PUBLISHED[variationId] ?? null
}

/** Ids that a published class is known for. */
export const MEASURED_IDS: readonly string[] = Object.keys(PUBLISHED)
