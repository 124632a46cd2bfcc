import { expect, it } from 'vitest'
import type { Explanation } from '../../planner'
import { whyTexts } from './notes'

const because = (
  kind: Explanation['kind'], want: Explanation['relaxation']['want'], of: string, says = '',
): Explanation =>
  ({ relaxation: { want, of, by: 1, cost: 1 }, kind, says, blame: [], droppedBy: [], minimal: true })

it('tells what has one and the same reason once, in the coach’s words', () => {
  expect(whyTexts([
    because('noDrill', 'short', 'antiExtension'), because('noDrill', 'plane', 'fast'),
    because('tradeOff', 'plane', 'sagittal'), because('noDrill', 'plane', 'carry'),
  ], ['carry', 'fullReach'])).toEqual([
    'By rungs, flags, equipment and days nothing may be given now for a loaded carry, hanging or full reach, '
    + 'resist arching or fast work.',
    'The sagittal plane could be met, but something else would fall shorter by more.',
  ])
})

it('names the rules that stand in the way, each for its own want', () => {
  expect(whyTexts([because('rules', 'short', 'rotation', 'Not possible with the 48 hours as set.')], []))
    .toEqual(['Why turn is not met: Not possible with the 48 hours as set.'])
})

it('says nothing of what can be seen, or is not proven', () => {
  expect(whyTexts([
    because('noDrill', 'keep', 'last week'), because('tradeOff', 'over', 'flexion'),
    because('notProven', 'short', 'flexion'),
  ], [])).toEqual([])
})
