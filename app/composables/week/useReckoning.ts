import { computed, type ComputedRef, type Ref } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import {
  alternatives, changeItem, findItem, lastTime, mendConflict, removeItem, targetOrigins, weekGoal, weekLedger,
  weeklyTargets, type WeekPlan,
} from '~~/core/programme'
import { weekConflicts } from '~~/core/rules'
import { planningContext } from '~~/shared/planningContext'
import type { WeekSheet } from '~~/shared/types'

/** Stand-ins that are offered, each under a key of its own. */
const MOST_SWAPS = 5

/** Everything that is computed from (the week as it stands) and the drill that is selected. */
export function useReckoning(
  plan: () => WeekPlan, sheet: ComputedRef<WeekSheet>, catalogue: ComputedRef<Catalogue>,
  selectedId: Ref<string | null>,
) {
  const context = computed(() =>
    planningContext(
      sheet.value.athlete, sheet.value.week.startsOn, sheet.value.competitions, catalogue.value, sheet.value.settled,
    )
  )
  const asked = computed(() => ({ ...context.value, sessions: plan().sessions.length }))
  const origins = computed(() => targetOrigins(asked.value))
  const targets = computed(() => weeklyTargets(asked.value))
  const ledger = computed(() => weekLedger(plan(), targets.value, context.value))
  const conflicts = computed(() => weekConflicts(plan(), context.value, sheet.value.previousPlan))
  /** Items in the order of the sheet, for stepping through them. */
  const order = computed(() => plan().sessions.flatMap(session => session.items.map(item => item.id)))
  const goalOf = (of: WeekPlan): number => weekGoal(of, context.value, sheet.value.previousPlan)

  const selected = computed(() => (selectedId.value ? findItem(plan(), selectedId.value) : null))
  const last = computed(() => (selected.value && sheet.value.previousPlan
    ? lastTime(selected.value.item.variationId, selected.value.session.day, sheet.value.previousPlan, catalogue.value)
    : null))
  const swaps = computed(() => (selected.value
    ? alternatives(selected.value.item, selected.value.session, context.value).slice(0, MOST_SWAPS)
    : []))
  /** What each stand-in, and leaving the drill out, would leave wanting more: weighted full sets. */
  const costs = computed(() => {
    if (!selected.value) return { swaps: [], drop: 0 }
    const { item } = selected.value
    const now = goalOf(plan())
    return {
      swaps: swaps.value.map(choice =>
        goalOf(changeItem(plan(), item.id, () => ({ ...choice.item, id: item.id }))) - now
      ),
      drop: goalOf(removeItem(plan(), item.id)) - now,
    }
  })
  const mends = computed(() => conflicts.value.filter(c => c.itemId === null || c.itemId === selectedId.value)
    .map(conflict => ({ conflict, mend: mendConflict(conflict, plan(), context.value) })))

  return { context, origins, targets, ledger, conflicts, order, goalOf, selected, last, swaps, costs, mends }
}
