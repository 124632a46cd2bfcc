import type { Catalogue } from '../core/catalogue'
import { KEPT_APART, sessionBlocks, stationsOf, type WorkBlock } from '../core/floor/session'
import type { Present } from '../core/floor'
import { liftFacts } from '../core/programme'
import type { FloorDay, FloorRoom, FloorWays, SessionRun } from './types'

export type { FloorRoom, FloorWays, RunningFloor } from './types'

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
  const { lifts, circuits = [] } = session
  return sessionBlocks({ id: athleteId, lifts, items, circuits }, catalogue, counts, isNew)
}
