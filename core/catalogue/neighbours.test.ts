import { expect, it } from 'vitest'
import { STANDARD } from '.'
import { neighboursOf } from './neighbours'

it('are the rung below and above on the branch, none beyond the ends, and what comes first', () => {
  for (const { rungs } of STANDARD.ladders.flatMap(ladder => ladder.branches)) {
    rungs.forEach((rung, i) => {
      const { easier, harder, first } = neighboursOf(rung, STANDARD)
      expect(harder?.id).toBe(rungs[i + 1]?.id)
      expect(easier?.id).toBe(rung.after[0])
      expect(first.map(v => v.id)).toEqual(rung.prerequisites ?? [])
    })
  }
})

it('are also the branches that a rung opens, whatever else opens them', () => {
  const opens = (id: string) => neighboursOf(STANDARD.find(id)!, STANDARD).opens.map(v => v.id)
  expect(opens('rotation.band-turn-half-kneeling')).toEqual(['rotation.lift-half-kneeling'])
  expect(opens('rotation.chop-half-kneeling')).toEqual(['rotation.pendulum-stop'])
  expect(opens('rotation.throw-to-wall')).toEqual([])
})

it('of a drill on no ladder are none', () => {
  const lost = {
    ...STANDARD.find('side-plank.feet')!, ladder: 'gone', branch: 'gone', after: [], prerequisites: ['gone.drill'],
  }
  expect(neighboursOf(lost, STANDARD)).toEqual({ easier: null, harder: null, opens: [], first: [] })
})
