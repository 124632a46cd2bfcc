import { computed, ref, type ComputedRef } from 'vue'
import type { Catalogue } from '~~/core/catalogue'
import { liftsOnly, mendConflict } from '~~/core/programme'
import type { Conflict } from '~~/core/rules'
import type { WeekSheet } from '~~/shared/types'
import type { EditedWeek } from './editedWeek'
import { useItemEdits } from './useItemEdits'
import { useProposal } from './useProposal'
import { useReckoning } from './useReckoning'
import { useWarmMeans } from './useWarmMeans'

export type WeekDesk = ReturnType<typeof useWeekSheet>

/** The week sheet of (a week that is edited): what is computed from it, and every edit a coach can make to it. */
export function useWeekSheet(week: EditedWeek, sheet: ComputedRef<WeekSheet>, catalogue: ComputedRef<Catalogue>) {
  const selectedId = ref<string | null>(null)
  const reckoning = useReckoning(() => week.plan, sheet, catalogue, selectedId)
  const { context, conflicts, order, swaps } = reckoning
  const before = () => sheet.value.previousPlan
  // The desk stands before its sheet is read.
  const read = computed(() => ((sheet.value as WeekSheet | null) ? context.value : null))
  useWarmMeans(read, () => week.plan.sessions.map(session => session.day))
  const proposal = useProposal(week, reckoning)
  const edits = useItemEdits(week, selectedId, order, context)

  /** A proposal is looked through from its first drill. */
  const propose = (): Promise<void> => proposal.propose(() => { selectedId.value = order.value[0] ?? null })

  /** Settles the first conflict of the selected drill, or of the week, by its smallest step. */
  function mendIt(conflict?: Conflict): void {
    const asked = conflict ?? conflicts.value.find(c => c.itemId === selectedId.value) ?? conflicts.value[0]
    const mend = asked && mendConflict(asked, week.plan, context.value)
    if (mend) week.change(mend.plan)
  }

  /**
   * Never this drill for this athlete, or in these places only; null takes the lock away. Stored for the athlete, not
   * the week.
   */
  const lock = (variationId: string, to: 'never' | readonly string[] | null): Promise<void> =>
    week.settle((rules) => {
      const { [variationId]: _, ...only } = rules.only
      return {
        ...rules,
        never: [...rules.never.filter(id => id !== variationId), ...(to === 'never' ? [variationId] : [])],
        only: to !== null && to !== 'never' ? { ...only, [variationId]: to } : only,
      }
    })

  function swap(index: number): void {
    const choice = swaps.value[index]
    if (choice && selectedId.value) edits.change(selectedId.value, item => ({ ...choice.item, id: item.id }))
  }

  /** The whole of last week, kept locks and all, to be worked on. */
  function copyWeek(): void {
    const last = before()
    if (last) week.change(last)
  }

  function copyLifts(): void {
    const last = before()
    if (last) week.change(liftsOnly(last))
  }

  return { selectedId, ...reckoning, ...proposal, ...edits, propose, mendIt, lock, swap, copyWeek, copyLifts }
}
