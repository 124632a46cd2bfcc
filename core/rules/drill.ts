import type { Variation } from '../catalogue'
import type { Screen } from '../screening/screen'

/** A drill, and the athlete on the day. */
export interface DrillAsked {
  readonly variation: Variation
  readonly screen: Screen
}
