import { describe, expect, it } from 'vitest'
import { sportReason } from './sportReasons'

describe('why a sport weighs an action', () => {
  it('is told of that action: places do not slip', () => {
    expect([
      sportReason('general', 'antiExtension'), sportReason('general', 'antiLateralFlexion'),
      sportReason('general', 'rotation'),
    ]).toEqual([
      'Reaching overhead without arching.', 'Carrying a bag on one side.', 'Looking and reaching round.',
    ])
  })
})
