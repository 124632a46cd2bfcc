import { expect, it } from 'vitest'
import { STANDARD } from '.'
import { neighboursOf } from './neighbours'

it('are the rung below and above, none beyond the ends, and what comes first', () => {
  for (const { rungs } of STANDARD.ladders) {
    rungs.forEach((rung, i) => {
      const { easier, harder, first } = neighboursOf(rung, STANDARD)
      expect([easier?.id, harder?.id]).toEqual([rungs[i - 1]?.id, rungs[i + 1]?.id])
      expect(first.map(v => v.id)).toEqual(rung.prerequisites ?? [])
    })
  }
})

it('of a drill on no ladder are none', () => {
  const lost = { ...STANDARD.find('side-plank.feet')!, ladder: 'gone', prerequisites: ['gone.drill'] }
  expect(neighboursOf(lost, STANDARD)).toEqual({ easier: null, harder: null, first: [] })
})
