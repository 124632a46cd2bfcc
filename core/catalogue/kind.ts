import { ACTION_FACTS, mainAction } from './trunkAction'
import type { Variation } from './variation'

/** What a drill is there for. Only work and fast work load the trunk; the rest is never counted as resisting. */
export const DRILL_KINDS = {
  work: 'trunk work',
  fast: 'fast work',
  activation: 'activation',
  mobility: 'mobility',
  brace: 'brace course',
} as const
export type DrillKind = keyof typeof DRILL_KINDS

/**
 * What a drill is there for: what its author says, else fast work where it is ballistic, else trunk work.
 *
 * @example
 * kindOf({ mode: 'ballistic' }) // => 'fast'
 */
export function kindOf({ kind, mode }: Pick<Variation, 'kind' | 'mode'>): DrillKind {
  return kind ?? (mode === 'ballistic' ? 'fast' : 'work')
}

/**
 * What a drill mostly does, in words: its main action, or what it is there for where that is no work.
 *
 * @example
 * mainLabel({ shares: {}, kind: 'activation', mode: 'dynamic' }) // => 'activation'
 */
export function mainLabel(drill: Pick<Variation, 'shares' | 'kind' | 'mode'>): string {
  const main = drill.kind === undefined && mainAction(drill.shares)
  return main ? ACTION_FACTS[main].label : DRILL_KINDS[kindOf(drill)]
}
