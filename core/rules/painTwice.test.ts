import { expect, it } from 'vitest'
import type { DrillPain } from '../screening'
import { forDrill } from '../testing/handMade'
import { painTwice } from './painTwice'

const hurt = (state: DrillPain['state']): DrillPain => ({
  variationId: 'side-plank.feet', day: '2026-03-02', at: '2026-03-02T10:00:00Z', place: 'hipFlexors', times: 2, state,
})

it('locks that drill, and no other', () => {
  expect(painTwice.breaks(forDrill({}, { pain: [hurt('locked')] }))).toHaveLength(1)
  expect(painTwice.breaks(forDrill({}, { pain: [hurt('waits')] }))).toEqual([])
  expect(painTwice.breaks(forDrill({ id: 'carries.suitcase' }, { pain: [hurt('locked')] }))).toEqual([])
})
