import { expect, it } from 'vitest'
import { layOutSession } from '../programme'
import { able, day, drills, forSession } from '../testing/handMade'
import { sessionMinutes } from './sessionMinutes'

it('is broken by what is beyond the minutes, and rounds up what is over', () => {
  const full = day(drills(['side-plank.feet', 'front-plank.elbows', 'hollow.tuck']))
  const { totalS } = layOutSession(full, able.screen.catalogue)
  const of = (minutes: number) => sessionMinutes.breaks(forSession({ ...full, minutes })).map(b => b.text)
  const whole = Math.ceil(totalS / 60)
  expect(of(whole)).toEqual([])
  expect(of(whole - 1)[0]).toContain('1 min longer')
  expect(of(whole - 2)[0]).toContain('2 min longer')
})
