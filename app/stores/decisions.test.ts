import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, shallowRef } from 'vue'
import type { DecisionInput, DecisionRow } from '~~/shared/types'
import { useDecisionsStore } from './decisions'

const api = vi.hoisted(() => ({ fetchDecisions: vi.fn(), fetchGroups: vi.fn() }))
const waiting = shallowRef<readonly Partial<DecisionInput>[]>([])
vi.mock('~/api/decisions', () => ({
  fetchDecisions: api.fetchDecisions, sendDecisions: vi.fn(), undoDecision: vi.fn(),
  get decisionsWaiting() {
    return waiting
  },
}))
vi.mock('~/api/people', () => ({ fetchGroups: api.fetchGroups }))
const row = (id: string, branch: string): DecisionRow =>
  ({ athlete: { id }, decision: { branch } }) as unknown as DecisionRow

beforeEach(() => {
  setActivePinia(createPinia())
  api.fetchGroups.mockResolvedValue([])
  waiting.value = []
})

describe('the tray', () => {
  it('leaves out what an earlier visit decided and is still to be stored, and reads anew once it is', async () => {
    const store = useDecisionsStore()
    api.fetchDecisions.mockResolvedValue({ rows: [row('a', 'plank'), row('b', 'plank')], taken: [] })
    waiting.value = [{ athleteId: 'a', branch: 'plank' }]
    await store.load()
    expect(store.rows.map(one => one.athlete.id)).toEqual(['b'])
    api.fetchDecisions.mockResolvedValue({ rows: [row('b', 'plank')], taken: [] })
    waiting.value = []
    await nextTick()
    await vi.waitFor(() => expect(api.fetchDecisions).toHaveBeenCalledTimes(2))
    await vi.waitFor(() => expect(store.rows.map(one => one.athlete.id)).toEqual(['b']))
  })
})
