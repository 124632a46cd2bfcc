import { describe, expect, it } from 'vitest'
import { STANDARD, type Variation } from '.'
import { defineLadder } from './ladder'
import { say } from './words/say'

const wordsOf = (keys: readonly string[]) =>
  Object.fromEntries(keys.map(key => [key, say(`In ${key}.`, `Out ${key}.`, 'Stop.', 'Mind.', ['see', 'fix'])]))

it('numbers rungs from the ground, lets a rung say otherwise than its ladder, and adds what hazards follow', () => {
  const { id: _, ladder: __, branch: ___, rung: ____, after: _____, ...shared } = STANDARD.find('side-plank.feet')!
  const ladder = defineLadder({ id: 'tall', name: 'Tall', aim: 'Stays tall.' }, wordsOf(['low', 'high']), {
    ...shared, hazards: [],
  }, [
    { key: 'low', name: 'Low' }, { key: 'high', name: 'High', mode: 'ballistic' },
  ])
  expect(ladder.rungs.map(({ id, rung, name }) => [id, rung, name])).toEqual(
    [['tall.low', 1, 'Low'], ['tall.high', 2, 'High']],
  )
  const hazards = (rung: Variation | undefined) => rung!.hazards.includes('ballistic')
  expect([hazards(ladder.rungs[0]), hazards(ladder.rungs[1])]).toEqual([false, true])
})

describe('a map of branches', () => {
  const { id: _, ladder: __, branch: ___, rung: ____, after: _____, ...shared } = STANDARD.find('side-plank.feet')!
  const rungs = ['a', 'b', 'c'].map(key => ({ key, name: key }))
  const head = { id: 'tall', name: 'Tall', aim: 'Stays tall.' }

  it('orders rungs, says what comes right before each, and lets the first branch bear the ladder’s id', () => {
    const ladder = defineLadder({
      ...head,
      branches: [{ name: 'First', rungs: ['c', 'a'] }, { key: 'side', name: 'Side', after: ['c'], rungs: ['b'] }],
    }, wordsOf(['a', 'b', 'c']), shared, rungs)
    expect(ladder.rungs.map(({ id, branch, rung, after }) => [id, branch, rung, after])).toEqual([
      ['tall.c', 'tall', 1, []], ['tall.a', 'tall', 2, ['tall.c']], ['tall.b', 'tall:side', 1, ['tall.c']],
    ])
  })

  it.each([[['a', 'b']], [['a', 'b', 'c', 'd']], [['a', 'b', 'c', 'a']]])('that reads %j is refused', (keys) => {
    const words = wordsOf(['a', 'b', 'c'])
    expect(() => defineLadder({ ...head, branches: [{ name: 'First', rungs: keys }] }, words, shared, rungs)).toThrow(
      'belongs on exactly one branch',
    )
  })

  it.each([[['a', 'b']], [['a', 'b', 'c', 'd']]])('with words for %j only is refused', (keys) => {
    expect(() => defineLadder(head, wordsOf(keys), shared, rungs)).toThrow('has no words')
  })
})
