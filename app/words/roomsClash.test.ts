import { expect, it } from 'vitest'
import { roomsClash } from './roomsClash'

const room = (id: string, over = {}) => ({ id, name: id, people: 10, from: '08:00', to: '20:00', ...over })

it('takes in what two coaches say of different rooms', () => {
  const found = roomsClash([room('a')], [room('a'), room('mine')], { version: 3, rooms: [room('a', { people: 12 })] })
  expect([found.rows, found.version]).toEqual([[], 3])
  expect(found.chosen({})).toEqual([room('a', { people: 12 }), room('mine')])
})

it('asks of a room that both have changed, also where one has taken it out', () => {
  const found = roomsClash([room('a')], [room('a', { to: '21:00' })], { version: 3, rooms: [] })
  expect(found.rows).toEqual([{ key: 'a', what: 'a', mine: 'a, 10 people, 08:00–21:00', theirs: 'taken out' }])
  expect(found.chosen({ a: 'theirs' })).toEqual([])
  expect(found.chosen({ a: 'mine' })).toEqual([room('a', { to: '21:00' })])
})
