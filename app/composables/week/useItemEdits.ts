import { ref, type ComputedRef, type Ref } from 'vue'
import { v7 as newKey } from 'uuid'
import type { SettingValues, Variation } from '~~/core/catalogue'
import { stepDose, stepSets, type Dose } from '~~/core/dose'
import {
  addItem, beginWith, changeItem, moveItem, moveToNeighbour, nudgeItem, removeItem, type Place,
  type PlanningContext, type TrunkItem, type WeekPlan,
} from '~~/core/programme'
import type { EditedWeek } from './editedWeek'

/** A coach's hand on the drills of (the week): one selected, others marked; what is done is done to all marked. */
export function useItemEdits(
  week: EditedWeek, selectedId: Ref<string | null>, order: ComputedRef<readonly string[]>,
  context: ComputedRef<PlanningContext>,
) {
  const marked = ref<ReadonlySet<string>>(new Set())

  function mark(itemId: string | null): void {
    const next = new Set(marked.value)
    if (itemId && !next.delete(itemId)) next.add(itemId)
    marked.value = itemId ? next : new Set()
  }

  function select(step: 1 | -1): void {
    const at = selectedId.value ? order.value.indexOf(selectedId.value) : step === 1 ? -1 : 0
    selectedId.value = order.value[(at + step + order.value.length) % Math.max(1, order.value.length)] ?? null
  }

  /** Does it to the marked drills that are still there, or to the selected one. */
  function each(edit: (plan: WeekPlan, itemId: string) => WeekPlan): void {
    const there = order.value.filter(id => marked.value.has(id))
    const ids = there.length > 0 ? there : selectedId.value ? [selectedId.value] : []
    if (ids.length > 0) week.change(ids.reduce(edit, week.plan))
  }

  const change = (itemId: string, edit: (item: TrunkItem) => TrunkItem): void =>
    week.change(changeItem(week.plan, itemId, edit))
  const changeDose = (edit: (dose: Dose) => Dose): void =>
    each((plan, id) => changeItem(plan, id, item => ({ ...item, dose: edit(item.dose) })))

  function remove(): void {
    const at = order.value.indexOf(selectedId.value ?? '')
    each(removeItem)
    selectedId.value = order.value[Math.min(at, order.value.length - 1)] ?? null
  }

  /** Kept, a drill stays where it is when the week is proposed anew. */
  const keepIt = (): void =>
    each((plan, id) => changeItem(plan, id, ({ kept, ...item }) => (kept ? item : { ...item, kept: true })))

  function add(sessionId: string, variation: Variation): void {
    const item: TrunkItem = {
      id: newKey(), variationId: variation.id, ...beginWith(variation, context.value), slot: 'after', pairedWith: null,
      extraSetSide: null, why: 'Chosen by the coach.',
    }
    week.change(addItem(week.plan, sessionId, item))
    selectedId.value = item.id
  }

  return {
    marked, mark, select, change, remove, keepIt, add,
    setDose: (itemId: string, dose: Dose): void =>
      week.change(changeItem(week.plan, itemId, item => ({ ...item, dose })), `dose of ${itemId}`),
    setSetting: (itemId: string, setting: SettingValues): void =>
      week.change(changeItem(week.plan, itemId, item => ({ ...item, setting })), `setting of ${itemId}`),
    setNote: (itemId: string, note: string): void =>
      change(itemId, ({ note: _, ...item }) => (note.trim() ? { ...item, note: note.slice(0, 500) } : item)),
    nudge: (step: 1 | -1): void => each((plan, id) => nudgeItem(plan, id, step)),
    toNeighbour: (step: 1 | -1): void => each((plan, id) => moveToNeighbour(plan, id, step)),
    moveTo: (itemId: string, sessionId: string, place: Place): void =>
      week.change(moveItem(week.plan, itemId, sessionId, place)),
    doseStep: (step: 1 | -1): void => changeDose(dose => stepDose(dose, step)),
    setsStep: (step: 1 | -1): void => changeDose(dose => stepSets(dose, step)),
  }
}
