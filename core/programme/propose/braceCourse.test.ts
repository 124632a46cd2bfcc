import { describe, expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { weekConflicts } from '../../rules'
import { context } from '../../testing/fixtures'
import { isOnCourse, proposeWeek, type PlannedSession, type PlanningContext } from '..'

const days = [0, 1, 3, 5].map((day): PlannedSession => ({ id: `d${day}`, day, minutes: 45, lifts: [], items: [] }))
const beginner = (braceStep: number): PlanningContext => ({
  ...context, screen: { ...context.screen, braceStep, rungs: {} },
})

describe('an athlete who begins', () => {
  it.each([1, 2])(
    'at brace step %i gets the course in every session and hears what opens next, and nothing that is short',
    (step) => {
      const ctx = beginner(step)
      const { plan, notes, refused } = proposeWeek({ context: ctx, sessions: days })
      expect([isOnCourse(ctx.screen), refused]).toEqual([true, false])
      for (const session of plan.sessions)
        expect(session.items.map(i => STANDARD.find(i.variationId)!.ladder)).toEqual(['brace'])
      expect(notes.join(' ')).toMatch(/^Brace step \d: the course comes first.* Brace step 3 opens: .+\.$/)
      expect(notes.join(' ')).not.toMatch(/short|off target/)
      expect(weekConflicts(plan, ctx)).toEqual([])
    },
  )

  it('at brace step 3 is planned as anybody is', () => {
    expect(isOnCourse(beginner(3).screen)).toBe(false)
    expect(proposeWeek({ context: beginner(3), sessions: days }).proof).not.toBeNull()
  })

  it('who may train nothing but the short list is not on the course', () => {
    expect(isOnCourse({ ...beginner(5).screen, flags: ['pregnancy'] })).toBe(false)
  })
})
