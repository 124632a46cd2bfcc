import type { Group } from './athlete'
import type { RunningFloor } from '../floorRoom'
import type { SessionRun } from './week'

/** How a floor stands, on the device that runs it. Moments are of the server's clock. */
export interface FloorBoard {
  readonly device: string
  /** Who runs it. */
  readonly by: string
  readonly at: string
  readonly floor: RunningFloor
}

export interface FloorBoardInput {
  readonly day: string
  readonly device: string
  /** Go on here with what runs elsewhere. */
  readonly takeOver: boolean
  readonly floor: RunningFloor
}

/** Everybody of a squad who trains today. */
export interface FloorDay {
  readonly day: string
  readonly group: Group
  /** The server's clock, as the device's may go otherwise. */
  readonly now: string
  readonly board: FloorBoard | null
  readonly runs: readonly SessionRun[]
  /** How many there are of what in the gym. */
  readonly counts: Readonly<Record<string, number>>
  /** Drills that each has done lately, by athlete. */
  readonly known: Readonly<Record<string, readonly string[]>>
}
