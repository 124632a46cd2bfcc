import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { computed, effectScope, nextTick, ref } from 'vue'
import { STANDARD } from '~~/core/catalogue'
import { proposeWeek, type WeekPlan } from '~~/core/programme'
import { day, squat, weekOf } from '~~/core/testing/handMade'
import type { PlannedAnswer } from '~~/shared/types'
import { fakeWeek } from '~/testing/editedWeek'
import { aSheet } from '~/testing/sheet'
import type { EditedWeek } from './editedWeek'
import { useProposal } from './useProposal'
import { useReckoning } from './useReckoning'

const first = weekOf(day([], { minutes: 60, lifts: [squat] }), { ...day([]), id: 'd1', day: 3, minutes: 45 })
let scope = effectScope()
beforeEach(() => {
  vi.useFakeTimers()
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

const down = () => Promise.reject<PlannedAnswer>(new Error('down'))
type Fill = EditedWeek['fill']

function opened(best: (sessions: WeekPlan['sessions']) => Promise<PlannedAnswer>, fill?: Fill) {
  const asked = vi.fn(best)
  let unproven: Fill = down
  const { week, steps } = fakeWeek(first, { best: asked, fill: sessions => (fill ?? unproven)(sessions) })
  const proposal = scope.run(() => {
    const reckoning = useReckoning(() => week.plan, computed(() => aSheet()), computed(() => STANDARD), ref(null))
    // Never sure of itself, so that the planner is asked.
    unproven = (sessions) => {
      const found = proposeWeek({ context: reckoning.context.value, sessions })
      return Promise.resolve({ ...found, proof: found.proof && { ...found.proof, proven: false } })
    }
    return useProposal(week, reckoning)
  })!
  return { week, steps, asked, ...proposal }
}
const rest = () => vi.advanceTimersByTimeAsync(1500)

describe('a proposal', () => {
  it('stands at once as one step, with what is known about better ones', async () => {
    const { week, steps, proposed, proof, propose } = opened(down)
    await propose()
    await nextTick()
    expect(week.plan.sessions.flatMap(s => s.items).length).toBeGreaterThan(0)
    expect([steps.length, proposed.value === week.plan, proof.value === null]).toEqual([1, true, false])
  })

  it('fills the week as it is by then, and once however often it is asked for', async () => {
    const filled: ((found: Awaited<ReturnType<Fill>>) => void)[] = []
    const sent: unknown[] = []
    const { week, steps, propose } = opened(down, (sessions) => {
      sent.push(sessions)
      return new Promise((done) => { filled.push(done) })
    })
    const shown = vi.fn()
    const first = propose(shown)
    void propose(shown)
    const changed = { sessions: week.plan.sessions.slice(0, 1) }
    week.change(changed)
    filled[0]!({ plan: { sessions: [] }, notes: [], proof: null })
    await vi.waitFor(() => expect(sent).toEqual([expect.anything(), changed.sessions]))
    expect(shown).not.toHaveBeenCalled()
    filled[1]!({ plan: changed, notes: [], proof: null })
    await first
    expect([shown.mock.calls.length, steps.length, week.plan]).toEqual([1, 2, changed])
  })

  it('keeps what it knows only until the coach changes something', async () => {
    const { week, proof, propose } = opened(down)
    await propose()
    week.change({ ...week.plan })
    await nextTick()
    expect(proof.value).toBeNull()
  })

  it('drops an answer to a week that was changed meanwhile', async () => {
    let answer: (found: PlannedAnswer) => void = () => undefined
    const { week, asked, propose, notes } = opened(() => new Promise((done) => { answer = done }))
    const proving = propose()
    await vi.waitFor(() => expect(asked).toHaveBeenCalledOnce())
    const mine = { ...week.plan }
    week.change(mine)
    answer({ plan: first, notes: ['of another week'], proof: null } as unknown as PlannedAnswer)
    await proving
    expect([week.plan, notes.value.includes('of another week')]).toEqual([mine, false])
  })
})

describe('edits after a proposal', () => {
  it('are kept while the rest is solved anew, and the better week waits to be taken', async () => {
    const proposedPlan: { value: WeekPlan } = { value: first }
    const at = opened(() =>
      Promise.resolve({ plan: proposedPlan.value, notes: [], proof: null } as unknown as PlannedAnswer)
    )
    await at.propose()
    proposedPlan.value = at.week.plan
    await rest()
    at.asked.mockClear()
    const session = at.week.plan.sessions.find(s => s.items.length > 1)!
    const kept = session.items.find(i => i.slot !== 'activation')!
    at.week.change({
      sessions: at.week.plan.sessions.map(s => (s.id === session.id
        ? { ...s, items: [{ ...kept, dose: { ...kept.dose, sets: 1 } }] }
        : { ...s, items: [] })),
    })
    await rest()
    const [sent] = at.asked.mock.calls[0]!
    expect(sent.flatMap(s => s.items).map(i => [i.id, i.kept])).toEqual([[kept.id, true]])
    expect(at.offer.value?.gain).toBeGreaterThan(0.2)
    at.takeOffer()
    expect(at.week.plan).toEqual(at.proposed.value)
  })

  it('ask nothing before anything was proposed, nor of a line that is down', async () => {
    const { week, asked, offer } = opened(down)
    week.change({ ...week.plan })
    await rest()
    expect([asked.mock.calls.length, offer.value]).toEqual([0, null])
  })
})
