import type { Catalogue } from '../core/catalogue'
import { KEPT_APART, sessionBlocks, stationsOf, type WorkBlock } from '../core/floor/session'
import type { Present, Room, Timetable } from '../core/floor'
import { liftFacts } from '../core/programme'
import type { FloorDay, SessionRun } from './types'

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

/** Ticks from one place to another: half a minute. */
const MOVE_TICKS = 1

/** The room that a squad's day makes: everybody there from the start, drills that have sets already left out. */
export function floorRoom({ runs, counts, known }: FloorDay, catalogue: Catalogue, ways: FloorWays): FloorRoom {
  const people = runs.filter(run => run.session && !run.stop).map(run => ({
    run, blocks: blocksOf(run, catalogue, counts, id => !(known[run.athleteId] ?? []).includes(id)),
  }))
  return {
    room: {
      places: stationsOf(counts), coach: { atOnce: ways.coachAtOnce }, moveTicks: MOVE_TICKS, apart: KEPT_APART,
      athletes: people.map(({ run, blocks }): Present =>
        ({
          id: run.athleteId, from: 0, until: null, order: ways.order,
          blocks: blocks.map(({ lift: _, items: __, ...block }) => block),
        })),
    },
    blocks: people.flatMap(({ run, blocks }) => blocks.map(block => ({ ...block, athleteId: run.athleteId }))),
  }
}

function blocksOf(
  { session, athleteId }: SessionRun, catalogue: Catalogue, counts: FloorDay['counts'], isNew: (id: string) => boolean,
): WorkBlock[] {
  if (!session) return []
  const liftNamed = (name: string | null): string | null =>
    session.lifts.find(({ lift }) => liftFacts(lift).name === name)?.id ?? null
  const items = session.items.filter(item => !item.stopped).map(item =>
    ({ ...item, pairedWith: liftNamed(item.pairedWithLift) }))
  return sessionBlocks({ id: athleteId, lifts: session.lifts, items }, catalogue, counts, isNew)
}
