import { expect, it } from 'vitest'
import { compare, shownNm } from './compare'

it.each([
  [109, 'about the same'], [111, 'a little harder'], [125, 'clearly harder'], [92, 'about the same'],
  [90, 'a little easier'], [79, 'clearly easier'],
])('%i against 100 on one ladder is %s', (moment, verdict) => {
  expect(compare(moment, 100, 'ladder').verdict).toBe(verdict)
})

it('is slower to tell a difference across ladders', () => {
  expect([compare(124, 100, 'across').verdict, compare(125, 100, 'across').verdict]).toEqual(
    ['about the same', 'clearly harder'],
  )
})

it('heeds how much and not which way, and has no ratio to nothing', () => {
  expect(compare(-150, 100, 'ladder')).toEqual(compare(150, -100, 'ladder'))
  expect(() => compare(10, 1, 'ladder')).toThrow(expect.objectContaining({ field: 'baseNm' }))
})

it('shows no more digits than the model is sure of', () => {
  expect([shownNm(122.4), shownNm(-63.7), shownNm(2), shownNm(0)]).toEqual([120, 65, 0, 0])
})
