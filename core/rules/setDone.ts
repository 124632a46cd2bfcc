import type { DoseUnit } from '../dose'

/** A set as it was asked for and done: what the rules of the next set look at. */
export interface SetDone {
  readonly unit: DoseUnit
  readonly asked: number
  readonly done: number
  readonly broke: boolean
  /** 0-10; null where none was said. */
  readonly effort: number | null
}
