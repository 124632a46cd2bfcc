/**
 * How a broken rule is met. `stop`: never handed out or trained, whoever wants it. `warn`: the engine never does it; a
 * coach may, and sees that it is broken. `taste`: among things as good the engine likes it less.
 */
export type Severity = 'stop' | 'warn' | 'taste'

/**
 * What a rule looks at: a drill for an athlete, a dose, an item where it stands, a session, a week, a day of the
 * season, what was done of a drill, a set that is to come.
 */
export type RuleScope = 'drill' | 'dose' | 'place' | 'session' | 'week' | 'day' | 'progress' | 'set'

/**
 * One rule of the trade in one place: what decides, where it is from, how hard it is, and what it says when it is
 * broken.
 */
export interface Rule<Id extends string = string, Value = unknown, Asked = never, Broken = string> {
  readonly id: Id
  readonly scope: RuleScope
  readonly severity: Severity
  /** The rule in words, whoever asks. */
  readonly title: string
  /** What decides. */
  readonly value: Value
  readonly source: string
  /** What is broken, in sentences for the coach; none: the rule is kept. */
  readonly breaks: (asked: Asked) => readonly Broken[]
}

/** Marks what the trade does and nobody has published. */
export const COMMON_PRACTICE = 'common practice, no source'
/** Marks a figure of our own. */
export const OURS = 'ours'
