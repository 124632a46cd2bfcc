import { expect, it } from 'vitest'
import { able, day, drill } from '../../testing/handMade'
import { inOrder } from './inOrder'

const order = (ids: readonly string[], weakLink: typeof able.weakLink = null) =>
  inOrder(day(ids.map(id => drill(id))), { ...able, weakLink }).items.map(item => item.variationId)

it('resisting comes before making, and the weak link before all', () => {
  const ids = ['flexion.crunch', 'side-plank.feet', 'front-plank.elbows']
  expect(order(ids)).toEqual(['side-plank.feet', 'front-plank.elbows', 'flexion.crunch'])
  expect(order(ids, 'antiExtension')).toEqual(['front-plank.elbows', 'side-plank.feet', 'flexion.crunch'])
})

it('stations of a circuit stay as they were built', () => {
  const stations = ['flexion.crunch', 'side-plank.feet'].map((id, i) => ({
    ...drill(id), id: `s${i}`, circuit: 'c',
  }))
  const { items } = inOrder(day([...stations, drill('front-plank.elbows')]), able)
  expect(items.map(item => item.variationId)).toEqual(['front-plank.elbows', 'flexion.crunch', 'side-plank.feet'])
})
