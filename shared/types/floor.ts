import type { Group } from './athlete'
import type { SessionRun } from './week'

/** Everybody of a squad who trains today. */
export interface FloorDay {
  readonly day: string
  readonly group: Group
  readonly runs: readonly SessionRun[]
  /** How many there are of what in the gym. */
  readonly counts: Readonly<Record<string, number>>
  /** Drills that each has done lately, by athlete. */
  readonly known: Readonly<Record<string, readonly string[]>>
}
