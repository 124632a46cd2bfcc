import { expect, it } from 'vitest'
import { findVariation, type Rungs } from '../catalogue'
import { able, day, drill, forPlace, ruled, weekOf } from '../testing/handMade'
import { phaseNew } from './phaseNew'

const asked = (phase: 'inSeason' | 'offSeason', before: string | null, fatigue: 1 | 2 = 2, rungs: Rungs = {}) =>
  phaseNew.breaks(forPlace({ fatigue }, {
    context: {
      ...ruled({ block: { phase, week: 1, weeks: 4, load: 1 } }), screen: { ...able.screen, rungs },
    },
    before: before === null ? null : weekOf(day([drill(before)])),
  })).length

it('minds what is new in season, if it tires', () => {
  expect([asked('inSeason', 'front-plank.elbows'), asked('inSeason', 'front-plank.elbows', 1)]).toEqual([1, 0])
  expect([asked('inSeason', 'side-plank.feet'), asked('inSeason', null), asked('offSeason', 'front-plank.elbows')])
    .toEqual([0, 0, 0])
})

it('does not mind what the athlete stands on or has left behind, however long ago it was done', () => {
  const stands = (rung: number) => asked('inSeason', 'front-plank.elbows', 2, { 'side-plank': rung })
  const { rung } = findVariation('side-plank.feet')!
  expect([stands(rung), stands(rung + 1), stands(rung - 1)]).toEqual([0, 0, 1])
})
