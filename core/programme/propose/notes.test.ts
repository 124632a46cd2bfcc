import { expect, it } from 'vitest'
import type { Explanation } from '../../planner'
import { droppedTexts, whyTexts } from './notes'

const because = (
  kind: Explanation['kind'], want: Explanation['relaxation']['want'], of: string, says = '',
): Explanation =>
  ({ relaxation: { want, of, by: 1, cost: 1 }, kind, says, blame: [], droppedBy: [], minimal: true })

it('tells what has one and the same reason once, in the coach’s words', () => {
  expect(whyTexts([
    because('noDrill', 'short', 'antiExtension'), because('noDrill', 'plane', 'fast'),
    because('tradeOff', 'plane', 'sagittal'), because('noDrill', 'plane', 'carry'),
  ])).toEqual([
    'Nothing that may be given now, by rungs, flags, equipment and days, serves resist arching, fast work or '
    + 'a loaded carry.',
    'The sagittal plane could be met, but something else would fall shorter by more.',
  ])
})

it('names the rules that stand in the way, each for its own want', () => {
  expect(whyTexts([because('rules', 'short', 'rotation', 'Not possible with the 48 hours as set.')]))
    .toEqual(['Why turn is not met: Not possible with the 48 hours as set.'])
})

it('says nothing of what can be seen, or is not proven', () => {
  expect(whyTexts([
    because('noDrill', 'keep', 'last week'), because('tradeOff', 'over', 'flexion'),
    because('notProven', 'short', 'flexion'),
  ])).toEqual([])
})

it('says in one sentence what could not be asked for', () => {
  expect(droppedTexts([])).toEqual([])
  expect(droppedTexts(['carry', 'fast'])).toEqual([
    'Nothing that may be given now, by rungs, flags and equipment, is a loaded carry or fast work.',
  ])
})
