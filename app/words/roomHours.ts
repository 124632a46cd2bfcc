import { TICK_S } from '~~/core/floor'
import { roomsOfDay, type RoomsOfDay } from '~~/core/floor/day'
import type { GymRoom, SquadDay } from '~~/shared/types'

const TICKS_A_MINUTE = 60 / TICK_S

/** Ticks from midnight of a time of day. */
export function tickAt(time: string): number {
  const [hours = 0, minutes = 0] = time.split(':').map(Number)
  return (hours * 60 + minutes) * TICKS_A_MINUTE
}

/** The time of day of a tick from midnight. */
export function timeAt(tick: number): string {
  const minutes = Math.round(tick / TICKS_A_MINUTE)
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
}

/** Squads that train today, how many, and how long the longest of them. */
export function squadsToday(squads: readonly SquadDay[]) {
  return squads.flatMap(({ group, athletes, entries }) => {
    const there = athletes.filter(one => one.session && !one.stopped)
    const practice = entries.find(entry => entry.kind === 'practice' && entry.startsAt !== null)
    return there.length === 0
      ? []
      : [{
        id: group.id, name: group.name, people: there.length, minutes: Math.max(...there.map(one => one.minutes)),
        who: there.map(one => one.id), usual: practice?.startsAt ?? null,
      }]
  })
}

export type SquadToday = ReturnType<typeof squadsToday>[number]

/** Rooms by the hour for the squads of a day, each as near as can be to when it wants to begin. */
export function hoursOf(
  squads: readonly SquadToday[], rooms: readonly GymRoom[], wanted: Readonly<Record<string, string>>,
): RoomsOfDay {
  const opens = rooms.map(room => room.from).sort()[0] ?? '08:00'
  const closes = rooms.map(room => room.to).sort().at(-1) ?? '20:00'
  return roomsOfDay(
    squads.map(({ id, people, minutes, who, usual }) => ({
      id, people, ticks: minutes * TICKS_A_MINUTE, needs: [], wanted: tickAt(wanted[id] ?? usual ?? opens),
      earliest: tickAt(opens), latest: tickAt(closes), who,
    })),
    rooms.map(({ id, people, from, to }) => ({ id, people, has: [], open: [{ from: tickAt(from), to: tickAt(to) }] })),
  )
}
