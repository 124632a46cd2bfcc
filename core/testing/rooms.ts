import { chanceFrom } from '../chance'
import type { Block, Present, Room } from '../floor'

const PLACES = ['cable', 'rack', 'floor', 'lane', 'ballWall', 'wheel']

/**
 * A room like those of a gym, by number: up to so many athletes with two to six blocks of one to ten minutes, places
 * for one to eight, some of them late, some in their own order, some who need the coach or a partner.
 */
export function aRoom(seed: number, most = 30): Room {
  const chance = chanceFrom(seed * 104_729 + 11)
  const below = (n: number): number => Math.floor(chance() * n)
  const athletes = 2 + below(most - 1)
  const strict = chance() < 0.4
  const places = PLACES.map(id => ({ id, atOnce: id === 'floor' ? 4 + below(5) : 1 + below(3) }))
  const people = Array.from({ length: athletes }, (_, i): Present => ({
    id: `athlete ${i}`, from: chance() < 0.15 ? 2 + below(20) : 0, until: null,
    order: strict && chance() < 0.8 ? 'strict' : 'loose',
    blocks: Array.from({ length: 2 + below(5) }, (_, nth): Block => ({
      id: `${i}.${nth}`, needs: [PLACES[below(PLACES.length)]!], ticks: 2 + below(18), watched: chance() < 0.2,
      partner: athletes > 3 && chance() < 0.03,
    })),
  }))
  return {
    places, athletes: people, coach: chance() < 0.7 ? { atOnce: 1 + below(3) } : null, moveTicks: below(2),
    apart: chance() < 0.3 ? [['lane', 'ballWall']] : [],
  }
}
