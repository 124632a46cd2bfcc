import { describe, expect, it } from 'vitest'
import { beginningSteps, nextStep } from './beginning'

const nothing = { groups: 0, equipment: 0, athletes: 0, weeks: 0, invited: 0 }

describe('the beginning of an organisation', () => {
  it('goes on with the first piece that is not done, whatever was done out of turn', () => {
    expect(nextStep(beginningSteps(nothing))?.key).toBe('squad')
    expect(nextStep(beginningSteps({ ...nothing, groups: 1, athletes: 12 }))?.key).toBe('equipment')
    expect(nextStep(beginningSteps({ ...nothing, groups: 1, equipment: 3, athletes: 12 }))?.key).toBe('lifts')
  })

  it('is over when all is there; what is only read keeps nobody', () => {
    const steps = beginningSteps({ groups: 1, equipment: 1, athletes: 1, weeks: 1, invited: 1 })
    expect(nextStep(steps)).toBeNull()
    expect(steps.filter(({ done }) => done === null).map(({ key }) => key)).toEqual(['sport'])
  })
})
