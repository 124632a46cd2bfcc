import { describe, expect, it } from 'vitest'
import { chanceFrom } from '../../chance'
import { roomsOfDay, type DayRoom, type SquadWish } from './roomsOfDay'

const HOUR = 120
const squad = (id: string, over: Partial<SquadWish> = {}): SquadWish => ({
  id, people: 8, ticks: HOUR, needs: [], wanted: 0, earliest: 0, latest: 4 * HOUR, who: [], ...over,
})
const gym = (over: Partial<DayRoom> = {}): DayRoom =>
  ({ id: 'gym', people: 10, has: ['rack'], open: [{ from: 0, to: 6 * HOUR }], ...over })

describe('rooms by the hour', () => {
  it('two squads that want the same hour of one room: the second follows', () => {
    expect(roomsOfDay([squad('fencing'), squad('judo')], [gym()])).toMatchObject({
      given: [{ squad: 'fencing', start: 0 }, { squad: 'judo', start: HOUR }], away: HOUR, none: [], proven: true,
    })
  })

  it('share a room that holds both, unless a coach is in both', () => {
    const two = (who: string[]) => roomsOfDay([squad('a', { who }), squad('b', { who })], [gym({ people: 16 })]).away
    expect([two([]), two(['coach'])]).toEqual([0, HOUR])
  })

  it('go where there is what they need, while it is open; who has no room is named', () => {
    const hall = gym({ id: 'hall', has: [], open: [{ from: HOUR, to: 6 * HOUR }] })
    const answer = roomsOfDay([squad('racks', { needs: ['rack'] }), squad('any'), squad('pool', { needs: ['pool'] })], [
      gym(), hall,
    ])
    expect(answer.given).toMatchObject([{ squad: 'racks', room: 'gym', start: 0 }, { squad: 'any', start: HOUR }])
    expect(answer.none).toEqual(['pool'])
  })

  it('are as near to what is wanted as any choice, by trying every one', () => {
    for (let seed = 0; seed < 40; seed++) {
      const chance = chanceFrom(seed)
      const below = (n: number): number => Math.floor(chance() * n)
      const squads = Array.from({ length: 3 }, (_, i) => squad(`${i}`, {
        people: 4 + below(6), ticks: 30 * (1 + below(3)), wanted: 30 * below(5), latest: 150, who: [`${below(3)}`],
      }))
      const hall = gym({ id: 'hall', people: 14, open: [{ from: 60, to: 240 }] })
      const rooms = [gym({ open: [{ from: 0, to: 210 }] }), hall]
      const { away, none } = roomsOfDay(squads, rooms)
      expect([seed, none.length, away]).toEqual([seed, ...byTrying(squads, rooms)])
    }
  })
})

/** Fewest without a room, then least away, minute by minute over every choice. */
function byTrying(squads: readonly SquadWish[], rooms: readonly DayRoom[]): [number, number] {
  let best: [number, number] = [Infinity, Infinity]
  const starts = Array.from({ length: 6 }, (_, i) => i * 30)
  const each = [null, ...rooms.flatMap(room => starts.map(start => ({ room, start })))]
  for (const a of each) for (const b of each) for (const c of each) {
    const all = [a, b, c].flatMap((one, i) => (one ? [{ ...one, squad: squads[i]! }] : []))
    const now = (tick: number) => all.filter(({ start, squad: { ticks } }) => start <= tick && tick < start + ticks)
    const good = all.every(({ room, start, squad: { ticks } }) =>
      room.open.some(({ from, to }) => from <= start && start + ticks <= to))
    && Array.from({ length: 8 }, (_, i) => i * 30).every((tick) => {
      const who = now(tick).flatMap(({ squad: one }) => one.who)
      return new Set(who).size === who.length && rooms.every(room =>
        now(tick).filter(one => one.room === room).reduce((sum, one) => sum + one.squad.people, 0) <= room.people)
    })
    const away = all.reduce((sum, { start, squad: { wanted } }) => sum + Math.abs(start - wanted), 0)
    const none = 3 - all.length
    if (good && (none < best[0] || (none === best[0] && away < best[1]))) best = [none, away]
  }
  return best
}
