/** Kinds of change that pages are told of: alerts and weeks of an athlete, the floor of a squad, a run of plans. */
export const TOPICS = ['alerts', 'week', 'floor', 'run'] as const
export type Topic = (typeof TOPICS)[number]

/** Something changed, and about whom or what; what it is now is asked for. */
export interface Told {
  readonly topic: Topic
  readonly subject: string
}
