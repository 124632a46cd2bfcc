import { expect, it } from 'vitest'
import { STANDARD } from '../../catalogue'
import { able, day, drill, weekOf } from '../../testing/handMade'
import { weeklyTargets } from '../week/targets'
import { weekLedger } from '../week/ledger'
import type { WeekPlan } from '../week/week'
import { comparePlans } from './comparePlans'

const seen = (plan: WeekPlan) => ({ plan, ledger: weekLedger(plan, weeklyTargets({ ...able, sessions: 1 }), able) })
const plank = drill('front-plank.elbows', { dose: { sets: 3, amount: 50, unit: 'seconds', restS: 60 } })
const side = drill('side-plank.feet')

it('tells what comes, what goes, what changes and by how much', () => {
  const from = seen(weekOf(day([plank, side])))
  const more = { ...plank, dose: { ...plank.dose, sets: plank.dose.sets + 1 } }
  const found = comparePlans(from, seen(weekOf(day([more, drill('press-out.standing')]))), STANDARD)
  expect([found.comes.length, found.goes.length, found.changes.length]).toEqual([1, 1, 1])
  expect(found.comes[0]).toContain(STANDARD.find('press-out.standing')!.name)
  expect(found.changes[0]).toContain('→')
  expect(found.fullSets.find(s => s.label === 'resist arching')!.to).toBeGreaterThan(0)
})

it('finds a drill that only moved to another place, and nothing between equals', () => {
  const from = seen(weekOf(day([plank])))
  expect(comparePlans(from, seen(weekOf(day([{ ...plank, slot: 'finisher' }]))), STANDARD).changes).toHaveLength(1)
  expect(comparePlans(from, from, STANDARD)).toEqual({ comes: [], goes: [], changes: [], fullSets: [] })
})
