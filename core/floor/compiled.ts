import { must } from '../errors'
import { atOnceAt, DAY_TICKS, type Block, type Present, type Room } from './room'

/** A block with everything about it by number. */
export interface Job {
  readonly index: number
  readonly block: Block
  readonly athlete: number
  /** Where among the athlete's own it stands, and whether it has to wait for those before. */
  readonly nth: number
  readonly strict: boolean
  /** Places, things and the coach. */
  readonly needs: readonly number[]
  /** Places that have to be empty meanwhile. */
  readonly shuns: readonly number[]
  readonly ticks: number
  readonly place: number
}

/** A room by number, with what each place has room for at every tick. */
export interface Compiled {
  readonly room: Room
  readonly jobs: readonly Job[]
  readonly ofAthlete: readonly (readonly Job[])[]
  /** Names of places, the coach last where there is one. */
  readonly names: readonly string[]
  readonly roomAt: readonly Uint8Array[]
  readonly horizon: number
  /** Athletes by how much they have to do themselves, least first. */
  readonly helpers: readonly number[]
}

/** The coach's own name among places. */
export const COACH = 'coach'

/**
 * Puts a room into numbers.
 *
 * @throws nothing for a room that checkRoom passes
 */
export function compile(room: Room): Compiled {
  const { places, athletes, coach, apart, moveTicks } = room
  const number = new Map(places.map(({ id }, i) => [id, i]))
  const at = (id: string): number => must(number.get(id))
  const shuns = places.map(({ id }) => apart.flatMap(([a, b]) => (a === id ? [at(b)] : b === id ? [at(a)] : [])))
  const jobs: Job[] = []
  const ofAthlete = athletes.map((one, athlete) => one.blocks.map((block, nth): Job => {
    const needs = block.needs.map(at)
    const job: Job = {
      index: jobs.length, block, athlete, nth, ticks: block.ticks, place: must(needs[0]),
      strict: one.order === 'strict',
      needs: coach && block.watched ? [...needs, places.length] : needs,
      shuns: [...new Set(needs.flatMap(need => must(shuns[need])))],
    }
    jobs.push(job)
    return job
  }))
  const narrows = [...places.flatMap(one => one.narrow ?? []), ...coach?.narrow ?? []]
  const ends = narrows.map(({ to }) => to).filter(to => to < DAY_TICKS)
  const horizon = Math.max(0, ...athletes.map(({ from }) => from), ...ends)
    + jobs.reduce((sum, { ticks }) => sum + ticks + moveTicks, 0) + 1
  const resources = coach ? [...places, coach] : places
  return {
    room, jobs, ofAthlete, horizon,
    names: coach ? [...places.map(({ id }) => id), COACH] : places.map(({ id }) => id),
    roomAt: resources.map(limit => Uint8Array.from({ length: horizon }, (_, tick) => atOnceAt(limit, tick))),
    helpers: athletes.map((_, i) => i).sort((a, b) => workOf(must(athletes[a])) - workOf(must(athletes[b]))),
  }
}

const workOf = ({ blocks }: Present): number => blocks.reduce((sum, { ticks }) => sum + ticks, 0)
