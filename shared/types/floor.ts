import type { Room, Timetable } from '~~/core/floor'
import type { WorkBlock } from '~~/core/floor/session'
import type { Group } from './athlete'
import type { SessionRun } from './week'

/** How a coach runs a floor. */
export interface FloorWays {
  /** Blocks that can be watched at once. */
  readonly coachAtOnce: number
  readonly order: 'strict' | 'loose'
}

/** A room with what is done in each of its blocks. */
export interface FloorRoom {
  readonly room: Room
  readonly blocks: readonly (WorkBlock & { readonly athleteId: string })[]
}

/** A floor as it runs on a device. */
export interface RunningFloor {
  /** Counts its changes: the highest is the newest. */
  readonly turn: number
  readonly ways: FloorWays
  readonly plan: FloorRoom
  readonly timetable: Timetable
  /** Milliseconds of a clock at tick 0; null until it is started. */
  readonly startedAt: number | null
  /** Since when all is held; null while it runs. */
  readonly heldAt: number | null
  /** Blocks that a coach has called done. */
  readonly done: readonly string[]
}

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
