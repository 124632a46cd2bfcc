import { expect, it } from 'vitest'
import { EMPTY_OWN, STANDARD, standsAfter, type OwnCatalogue } from '.'

const like = STANDARD.find('side-plank.feet')!
const own = (...names: string[]): OwnCatalogue => ({
  ladders: [{ id: 'own-tall', name: 'Tall', aim: 'Stays tall.' }],
  variations: names.map((name, i) => ({ ...like, id: `own-tall.own-${name}`, ladder: 'own-tall', rung: i + 1 })),
})

it('a drill that moved is followed, and a new one moves nobody', () => {
  const stands = ['own-tall.own-b', 'rollout.barbell']
  expect(standsAfter(stands, own('a', 'b'), own('new', 'a', 'b', 'c'))).toEqual(stands)
})

it('whoever stood on one that is gone stands on the nearest below, or on none', () => {
  expect(standsAfter(['own-tall.own-c'], own('a', 'b', 'c'), own('a', 'new'))).toEqual(['own-tall.own-a'])
  expect(standsAfter(['own-tall.own-b'], own('a', 'b'), EMPTY_OWN)).toEqual([])
})

it('whoever stood on a drill beside a standard rung that is gone stands on that rung', () => {
  const beside: OwnCatalogue = {
    ladders: [], variations: [{ ...like, id: 'side-plank.own-mine', beside: 'side-plank.star' }],
  }
  expect(standsAfter(['side-plank.own-mine'], beside, EMPTY_OWN)).toEqual(['side-plank.star'])
})
