import { expect, it } from 'vitest'
import { STANDARD } from '~~/core/catalogue'
import type { Move, Review } from '~~/core/review'
import type { AthleteReview } from '~~/shared/types'
import { moveText, seriesRows } from './reviewWords'

const level = (variationId: string, amount: number, bandN: number) =>
  ({ variationId, day: '2026-03-02', amount, unit: 'reps' as const, setting: { bandN } })

it('what moved is told from what to what, and names a drill once where it is the same', () => {
  const from = level('press-out.standing', 6, 80)
  const move = (what: Move['what'], to: Move['to']): Move => ({ branch: 'press-out', what, up: true, from, to })
  const { name } = STANDARD.find('press-out.standing')!
  expect(moveText(move('load', level('press-out.standing', 6, 100)), STANDARD))
    .toEqual({ from: `${name}, 6 reps at 80 N`, to: '6 reps at 100 N' })
  expect(moveText(move('rung', level('press-out.standing-hold', 6, 80)), STANDARD))
    .toEqual({ from: name, to: STANDARD.find('press-out.standing-hold')!.name })
})

it('all series are a row a week, and what is not known stays empty', () => {
  const point = { day: '2026-03-08', nm: 131.44, low: 100, high: 160, measured: true, from: [] }
  const planes = { sagittal: 2.5, frontal: 1, transverse: 0 }
  const part = { contacts: { asked: 5, done: 2 }, minutes: { asked: 20, done: 10 } }
  const review: Review = {
    from: '2026-03-02', to: '2026-03-08', mondays: ['2026-03-02'], moved: [], broke: [], felt: [], sides: [],
    capacities: {
      arch: [point], fold: [point], sideLeft: [point], sideRight: [point], turnLeft: [point], turnRight: [point],
    },
    weeks: [{
      startsOn: '2026-03-02', fullSets: { asked: planes, done: planes }, lifts: 3, contacts: { asked: 10, done: 5 },
      minutes: { asked: 40, done: 20 },
      byPlane: { sagittal: part, frontal: part, transverse: part }, sets: { asked: 12, done: 6 }, adherence: null,
    }],
    loads: [{ startsOn: '2026-03-02', total: 940, monotony: null, strain: null, lately: 100, usual: 90 }],
  }
  const found: AthleteReview = {
    athlete: { id: 'a', name: 'Edda Moor', groupIds: [] }, review, phases: ['inSeason'], competitions: [],
  }
  expect(seriesRows(found)).toEqual([expect.objectContaining({
    'week': '2026-03-02', 'phase': 'inSeason', 'arch N·m': 131.4, 'sagittal asked': 2.5, 'contacts done': 5,
    'frontal minutes done': 10,
    'adherence': '', 'monotony': '', 'load': 940,
  })])
})
