import type { Dose } from '../dose'
import type { PoseLink } from '../mechanics'
import type { ActionShares } from './trunkAction'
import type { BreathPattern, Equipment, Hazard, Mode, MuscleGroup, Posture, Region, Setting } from './vocabulary'

/** An observable loss of position and what puts it right. */
export interface Fault {
  readonly see: string
  readonly fix: string
}

/** The measurable condition for moving to the next rung: every set, each side, in so many sessions running. */
export interface Gate {
  readonly sets: number
  readonly amount: number
  readonly sessions: number
  /** What must be seen besides the number. */
  readonly seen: string
  /** The least load it holds at, as a part of body mass; a band's pull counts by its weight. */
  readonly ofBody?: number
  /** Seconds the last repeat of every set is held. */
  readonly lastHoldS?: number
}

/** One rung of one ladder: a drill with everything a coach needs to give it. */
export interface Variation {
  /** Stable key, `ladder.rung-name`. */
  readonly id: string
  readonly name: string
  readonly ladder: string
  /** Branch of the ladder that it is a rung of. */
  readonly branch: string
  /** Place on its branch, 1 = ground. */
  readonly rung: number
  /** Drills of its ladder that come right before it: the rung below, and where a branch begins, what opens it. */
  readonly after: readonly string[]
  /** The standard drill that one of the organisation's own stands level with. */
  readonly beside?: string
  /** One line for the athlete: what it is for. */
  readonly purpose: string
  /** Shares over the eight actions, summing to 1; none where it loads the trunk with nothing. */
  readonly shares: ActionShares
  /** What it is there for, where that is not to load the trunk. */
  readonly kind?: 'activation' | 'mobility' | 'brace'
  readonly mode: Mode
  readonly posture: Posture
  /** Each need lists what satisfies it; all needs must be met. */
  readonly equipment: readonly (readonly Equipment[])[]
  readonly sides: 'both' | 'each'
  readonly muscles: readonly MuscleGroup[]
  /** Regions it tires besides the trunk. */
  readonly tires: readonly Region[]
  readonly setUp: string
  /** One cue about the body, one about the world outside it. */
  readonly cues: { readonly inside: string, readonly outside: string }
  readonly faults: readonly Fault[]
  readonly stopSign: string
  /** What to mind when it is given: our own and common practice; every drill of ours says it. */
  readonly caution?: string
  readonly breath: BreathPattern
  /** Brace step (1-7) that must be passed first. */
  readonly braceStep: number
  /** Drills of other ladders that must have been reached first. */
  readonly prerequisites?: readonly string[]
  /** Holds that must stand, in seconds, before it is begun. */
  readonly entry?: readonly { readonly id: string, readonly seconds: number }[]
  /** What can be wrong with it for somebody: its contra-indications. */
  readonly hazards: readonly Hazard[]
  /** 1 refreshing … 5 draining. */
  readonly fatigue: 1 | 2 | 3 | 4 | 5
  /** 1 kind to the spine … 3 costly (our class, common practice; no newtons). */
  readonly spineCost: 1 | 2 | 3
  /** Default doses, lightest first. */
  readonly doses: readonly Dose[]
  /** Breaths a set may be counted in instead of seconds, least and most. */
  readonly breaths?: readonly [number, number]
  readonly gate: Gate
  /** What must be written down with each set. */
  readonly settings: readonly Setting[]
  /** Whether it is trained in the lift itself. */
  readonly insideLift?: boolean
  /** How a drill of the organisation's own is computed; ours are linked in `core/mechanics`. */
  readonly pose?: PoseLink
}

/** One line of rising demand on a ladder: an athlete stands on one rung of it. */
export interface Branch {
  /** That of the ladder where it is the first, `ladder:key` for the others. */
  readonly id: string
  readonly name: string
  /** Drills of the ladder's other branches that open this one; none where it may begin at once. */
  readonly after: readonly string[]
  readonly rungs: readonly Variation[]
}

/** A family of variations: branches that open one another, each ordered by demand. */
export interface Ladder {
  readonly id: string
  readonly name: string
  readonly aim: string
  readonly branches: readonly Branch[]
  /** The rungs of all branches, branch after branch. */
  readonly rungs: readonly Variation[]
  /** Drills of the organisation's own, each standing level with one of the rungs. */
  readonly beside?: readonly Variation[]
}
