import { beforeEach, describe, expect, it } from 'vitest'
import { computed, ref, shallowRef } from 'vue'
import { STANDARD } from '~~/core/catalogue'
import type { WeekPlan } from '~~/core/programme'
import { day, drill, weekOf } from '~~/core/testing/handMade'
import { aSheet } from '~/testing/sheet'
import { useReckoning } from './useReckoning'

const side = { ...drill('side-plank.feet'), id: 'side' }
const plan = shallowRef<WeekPlan>(weekOf(day([side])))
const sheet = shallowRef(aSheet())
const selectedId = ref<string | null>(null)
const reckoned = () => useReckoning(() => plan.value, computed(() => sheet.value), computed(() => STANDARD), selectedId)

beforeEach(() => {
  plan.value = weekOf(day([side]))
  sheet.value = aSheet()
  selectedId.value = null
})

describe('what is computed from a week', () => {
  it('follows the plan: the ledger, the order, what is wrong', () => {
    const { ledger, order, conflicts } = reckoned()
    const before = ledger.value.planes.frontal
    plan.value = weekOf(day([side, { ...side, id: 'twice' }]))
    expect(order.value).toEqual(['side', 'twice'])
    expect(ledger.value.lines.find(l => l.action === 'antiLateralFlexion')!.drills).toBeGreaterThan(0)
    expect(ledger.value.planes.frontal).toBeGreaterThan(before)
    expect(conflicts.value.map(c => c.rule)).toContain('repeat')
  })

  it('follows the athlete: a red flag stops every drill', () => {
    const { conflicts } = reckoned()
    expect(conflicts.value.some(c => c.blocks)).toBe(false)
    sheet.value = aSheet({ flags: ['chestPain'] })
    expect(conflicts.value.some(c => c.rule === 'redFlag' && c.blocks)).toBe(true)
  })

  it('offers stand-ins with their cost for the drill that is selected, and none for none', () => {
    const { swaps, costs, selected, last } = reckoned()
    expect([swaps.value, costs.value, selected.value, last.value]).toEqual([[], { swaps: [], drop: 0 }, null, null])
    selectedId.value = 'side'
    expect(swaps.value.length).toBeGreaterThan(0)
    expect(swaps.value.length).toBeLessThanOrEqual(5)
    expect(costs.value.swaps).toHaveLength(swaps.value.length)
    expect(costs.value.drop).toBeGreaterThan(0)
  })
})
