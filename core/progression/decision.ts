import type { BodyPlace } from '../assessment'
import type { IsoDay } from '../calendar'
import type { SettingValues } from '../catalogue'
import type { Dose } from '../dose'

/** What is decided of an athlete on a branch of a ladder, the gravest first. */
export type DecisionKind = 'refer' | 'swap' | 'down' | 'up' | 'more' | 'stay'

/** One session as evidence: how far its shortest set went, against what the gate asks. */
export interface Dot {
  readonly day: IsoDay
  /** Least amount of a set. */
  readonly amount: number
  readonly planned: number
  readonly broke: boolean
  readonly hurtAt: BodyPlace | null
  readonly hurt: boolean
  /** Hardest set, 0-10; null where none was said. */
  readonly effort: number | null
  readonly setting: SettingValues
}

/** A drill as it is to be given. */
export interface Step {
  readonly variationId: string
  readonly dose: Dose
  readonly setting: SettingValues
  /** How far one set of it goes towards the athlete's limit. */
  readonly effort: number
}

/** Another way to take a decision. */
export interface OtherWay {
  readonly kind: DecisionKind
  /** In a few words. */
  readonly text: string
  readonly to: Step | null
}

/** `clear` may be accepted without a look; `likely` wants one; `thin` rests on little. */
export type Confidence = 'clear' | 'likely' | 'thin'

/** What the engine would decide of one branch, and everything it rests on. */
export interface Decision {
  readonly branch: string
  /** The drill that was done. */
  readonly variationId: string
  readonly kind: DecisionKind
  /** Why, in sentences; for one that stays, what is missing. */
  readonly why: readonly string[]
  /** What the gate of the drill asks of a set. */
  readonly gateAmount: number
  readonly evidence: readonly Dot[]
  readonly confidence: Confidence
  /** What it is doubted for, in sentences. */
  readonly doubts: readonly string[]
  /** What was given last. */
  readonly from: Step
  /** What the next weeks would hold instead; null where nothing is given or all stays. */
  readonly to: Step | null
  /** Set where it may not begin yet: the first day on which it may, null where nobody knows it. */
  readonly waits: { readonly until: IsoDay | null, readonly why: string } | null
  readonly others: readonly OtherWay[]
}
