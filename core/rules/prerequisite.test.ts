import { expect, it } from 'vitest'
import { forDrill } from '../testing/handMade'
import { prerequisite } from './prerequisite'

it('asks for the rung of what comes first, and passes over what the catalogue no longer holds', () => {
  const asked = (rung: number) =>
    prerequisite.breaks(
      forDrill({ prerequisites: ['press-out.standing', 'gone.drill'] }, { rungs: { 'press-out': rung } }),
    )
  const needs = forDrill({}).screen.catalogue.find('press-out.standing')!
  expect(asked(needs.rung)).toEqual([])
  expect(asked(needs.rung - 1)).toEqual([`${needs.name} comes first.`])
})
