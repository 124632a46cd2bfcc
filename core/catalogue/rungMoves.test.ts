import { expect, it } from 'vitest'
import { EMPTY_OWN, STANDARD, type OwnCatalogue } from '.'
import { rungMoves } from './rungMoves'

const like = STANDARD.find('side-plank.feet')!
const own = (...names: string[]): OwnCatalogue => ({
  ladders: [{ id: 'tall', name: 'Tall', aim: 'Stays tall.' }],
  variations: names.map((name, i) => ({ ...like, id: `tall.${name}`, ladder: 'tall', rung: i + 1 })),
})

it('says nothing of what stays', () => {
  expect(rungMoves(own('a', 'b'), own('a', 'b', 'c'))).toEqual({})
})

it('follows a drill that moved, and who stood on one that is gone to the nearest below', () => {
  expect(rungMoves(own('a', 'b', 'c'), own('new', 'a', 'b', 'c'))).toEqual({ tall: [2, 3, 4] })
  expect(rungMoves(own('a', 'b', 'c'), own('a', 'c'))).toEqual({ tall: [1, 1, 2] })
  expect(rungMoves(own('a', 'b'), EMPTY_OWN)).toEqual({ tall: [1, 1] })
})
