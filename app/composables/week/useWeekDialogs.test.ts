import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick } from 'vue'
import { STANDARD } from '~~/core/catalogue'
import { NO_RULES } from '~~/core/policy'
import type { WeekPlan } from '~~/core/programme'
import { day, drill, squat, weekOf } from '~~/core/testing/handMade'
import { fakeWeek } from '~/testing/editedWeek'
import { aSheet } from '~/testing/sheet'
import { useWeekDialogs } from './useWeekDialogs'
import { useWeekSheet } from './useWeekSheet'

const plank = { ...drill('front-plank.elbows'), id: 'plank' }
let scope = effectScope()
beforeEach(() => { scope = effectScope() })
afterEach(() => scope.stop())

function opened(lastWeek: WeekPlan | null = null, over: Parameters<typeof fakeWeek>[1] = {}) {
  const { week, steps, settled } = fakeWeek(weekOf(day([plank], { lifts: [squat] })), over)
  const dialogs = scope.run(() => {
    const desk = useWeekSheet(week, computed(() => aSheet()), computed(() => STANDARD))
    return useWeekDialogs(week, desk, () => lastWeek)
  })!
  return { week, steps, settled, ...dialogs }
}

describe('the dialogs of a week', () => {
  it('put sessions in the order of their days, and write down only that nobody watches', () => {
    const { week, putSession } = opened()
    putSession(null, 4, 30, false)
    putSession(null, 2, 45, true)
    expect(week.plan.sessions.map(s => [s.day, s.minutes, s.supervised])).toEqual(
      [[0, 90, undefined], [2, 45, undefined], [4, 30, false]],
    )
    putSession(week.plan.sessions[2]!, 1, 35, true)
    expect(week.plan.sessions.map(s => [s.day, 'supervised' in s])).toEqual([[0, false], [1, false], [2, false]])
  })

  it('take sessions and lifts out, and close', () => {
    const { week, dialog, dropLift, dropSession } = opened()
    dialog.value = { kind: 'lift', session: week.plan.sessions[0]!, lift: squat, isNew: false }
    dropLift(week.plan.sessions[0]!, squat)
    expect([week.plan.sessions[0]!.lifts.length, dialog.value]).toEqual([0, null])
    dropSession(week.plan.sessions[0]!)
    expect(week.plan.sessions).toEqual([])
  })

  it('put a pasted day in the place of that day, under keys of its own, and look it through', () => {
    const { week, dialog, putRoutine } = opened()
    putRoutine(weekOf(day([{ ...plank, id: 'pasted' }]), day([], { id: 'x', day: 5 })))
    expect(week.plan.sessions.map(s => s.day)).toEqual([0, 5])
    expect(week.plan.sessions[0]!.items[0]!.id).not.toBe('pasted')
    expect(dialog.value).toEqual({ kind: 'review' })
  })

  it('compare with last week where there is one, else with the last proposal', async () => {
    const alone = opened()
    alone.dialog.value = { kind: 'compare' }
    await nextTick()
    expect([alone.against.value, alone.difference.value]).toEqual(['proposal', null])
    const { dialog, against, difference } = opened(weekOf(day([])))
    dialog.value = { kind: 'compare' }
    await nextTick()
    expect([against.value, difference.value?.comes.length]).toEqual(['last', 1])
  })

  it('settle a band for the athlete, and take it away again', async () => {
    const { settled, setBand } = opened()
    await setBand('rotation', { low: 1, high: 2 })
    const set = settled[0]!(NO_RULES)
    expect(set.bands).toEqual({ rotation: { low: 1, high: 2 } })
    await setBand('rotation', null)
    expect(settled[1]!(set).bands).toEqual({})
  })

  it('look through the week when asked, and say what went wrong', async () => {
    const review = vi.fn(() => Promise.reject(new Error('No connection.')))
    const { dialog, problem } = opened(null, { review })
    dialog.value = { kind: 'review' }
    await nextTick()
    await nextTick()
    expect([review.mock.calls.length, problem.value]).toEqual([1, 'No connection.'])
    dialog.value = { kind: 'keys' }
    await nextTick()
    expect(problem.value).toBe('')
  })
})
