import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { TrainingWeek } from '~~/shared/types'
import { keepFor } from '~/device/kept'
import { keepWeekDraft, keptWeekDraft } from './weekDraft'

const week = (startsOn: string) =>
  ({ athleteId: 'a', startsOn, version: 1, plan: { sessions: [] } }) as unknown as TrainingWeek
const draft = (base: TrainingWeek) => ({ base, plan: base.plan, past: [base.plan], future: [] })

beforeEach(() => {
  localStorage.clear()
  keepFor('coach')
})
afterEach(() => vi.unstubAllGlobals())

it('is there again for that week, and for no other nor anybody else', () => {
  keepWeekDraft(draft(week('2026-03-02')))
  expect(keptWeekDraft(week('2026-03-02'))).toEqual(draft(week('2026-03-02')))
  expect(keptWeekDraft(week('2026-03-09'))).toBeNull()
  keepFor('other')
  expect(keptWeekDraft(week('2026-03-02'))).toBeNull()
})

it('leaves nothing old where there is no room for what is new', () => {
  keepWeekDraft(draft(week('2026-03-02')))
  const { removeItem, getItem } = localStorage
  vi.stubGlobal('localStorage', {
    getItem: getItem.bind(localStorage), removeItem: removeItem.bind(localStorage),
    setItem: () => { throw new DOMException('full', 'QuotaExceededError') },
  })
  keepWeekDraft(draft(week('2026-03-02')))
  expect(keptWeekDraft(week('2026-03-02'))).toBeNull()
})
