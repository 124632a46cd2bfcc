import { must } from '../../errors'

/** A squad that wants a room for some time; ticks of half a minute from the start of the day. */
export interface SquadWish {
  readonly id: string
  readonly people: number
  readonly ticks: number
  /** What the room has to have. */
  readonly needs: readonly string[]
  readonly wanted: number
  readonly earliest: number
  readonly latest: number
  /** Coaches and athletes of it, who cannot be in two squads at once. */
  readonly who: readonly string[]
}

export interface DayRoom {
  readonly id: string
  /** People who have room at once, of all squads in it. */
  readonly people: number
  readonly has: readonly string[]
  readonly open: readonly { readonly from: number, readonly to: number }[]
}

export interface RoomGiven {
  readonly squad: string
  readonly room: string
  readonly start: number
}

/** Which squad has which room when. */
export interface RoomsOfDay {
  readonly given: readonly RoomGiven[]
  /** Squads that no room is left for. */
  readonly none: readonly string[]
  /** Ticks between what was wanted and what is given, over all squads. */
  readonly away: number
  /** True: nothing is nearer to what was wanted. */
  readonly proven: boolean
}

/** Starts are looked at every quarter of an hour, and at the wanted one. */
const STEP_TICKS = 30
/** Choices that are looked at before the best known is taken. */
const MOST = 300_000
/** What a squad without a room weighs: more than any day is long. */
const NONE = 1e6

/**
 * Gives rooms by the hour to the squads of a day: as many squads as have room, then as near as can be to the hours they
 * want. Every choice is looked at, those that can be no better left out.
 *
 * @example
 * roomsOfDay([{ id: 'judo', people: 8, ticks: 120, needs: [], wanted: 0, earliest: 0, latest: 60, who: [] }], [{ id: 'gym', people: 10, has: [], open: [{ from: 0, to: 240 }] }]).given // => [{ squad: 'judo', room: 'gym', start: 0 }]
 */
export function roomsOfDay(squads: readonly SquadWish[], rooms: readonly DayRoom[]): RoomsOfDay {
  const choices = squads.map(squad => ({ squad, options: optionsOf(squad, rooms) }))
    .sort((a, b) => a.options.length - b.options.length || (a.squad.id < b.squad.id ? -1 : 1))
  const least = choices.map(({ options }) => options[0]?.away ?? NONE)
  const rest = least.map((_, i) => least.slice(i).reduce((sum, n) => sum + n, 0))
  let best: { cost: number, taken: readonly Option[] } = { cost: Infinity, taken: [] }
  let looked = 0
  look(0, 0, [])
  const none = squads.filter(({ id }) => !best.taken.some(one => one.squad.id === id)).map(({ id }) => id)
  return {
    given: best.taken.map(({ squad, room, start }) => ({ squad: squad.id, room: room.id, start }))
      .sort((a, b) => a.start - b.start || (a.squad < b.squad ? -1 : 1)),
    none, away: best.taken.reduce((sum, one) => sum + one.away, 0), proven: looked < MOST,
  }

  function look(i: number, cost: number, taken: readonly Option[]): void {
    if (cost + (rest[i] ?? 0) >= best.cost || looked++ >= MOST) return
    if (i === choices.length) {
      best = { cost, taken }
      return
    }
    for (const option of must(choices[i]).options)
      if (goesWith(option, taken)) look(i + 1, cost + option.away, [...taken, option])
    look(i + 1, cost + NONE, taken)
  }
}

interface Option {
  readonly squad: SquadWish
  readonly room: DayRoom
  readonly start: number
  readonly end: number
  readonly away: number
}

/** Every room and start that a squad could have alone, nearest to what it wants first. */
function optionsOf(squad: SquadWish, rooms: readonly DayRoom[]): Option[] {
  const { earliest, latest, wanted, ticks, people, needs } = squad
  const steps = Math.floor((latest - earliest) / STEP_TICKS) + 1
  const grid = Array.from({ length: steps }, (_, i) => earliest + i * STEP_TICKS)
  const starts = [...new Set([...grid, wanted])].filter(at => at >= earliest && at <= latest)
  return rooms.filter(room => people <= room.people && needs.every(need => room.has.includes(need)))
    .flatMap(room => starts.filter(at => room.open.some(({ from, to }) => from <= at && at + ticks <= to))
      .map((start): Option => ({ squad, room, start, end: start + ticks, away: Math.abs(start - wanted) })))
    .sort((a, b) => a.away - b.away || a.start - b.start || (a.room.id < b.room.id ? -1 : 1))
}

/** Whether there is room beside those taken, and nobody is in two squads at once. */
function goesWith(option: Option, taken: readonly Option[]): boolean {
  const beside = taken.filter(one => one.start < option.end && option.start < one.end)
  if (beside.some(({ squad }) => squad.who.some(id => option.squad.who.includes(id)))) return false
  const inRoom = beside.filter(({ room }) => room.id === option.room.id)
  return [option, ...inRoom].every(({ start }) => inRoom.filter(one => one.start <= start && start < one.end)
    .reduce((sum, { squad }) => sum + squad.people, option.squad.people) <= option.room.people || start < option.start)
}
