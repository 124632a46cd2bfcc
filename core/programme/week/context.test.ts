import { describe, expect, it } from 'vitest'
import { context } from '../../testing/fixtures'
import { screenOn } from './context'

describe('the athlete on a day of the week', () => {
  it('is the Monday’s where nothing else is known, the day’s own where it is', () => {
    const older = { ...context.screen, ageYears: 25 }
    expect(screenOn(context, 4)).toBe(context.screen)
    expect(screenOn({ ...context, screens: [context.screen, context.screen, older] }, 2).ageYears).toBe(25)
    expect(screenOn({ ...context, screens: [context.screen] }, 6)).toBe(context.screen)
  })
})
