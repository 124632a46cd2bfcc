import { computed, nextTick, ref, shallowRef, watch, type ComputedRef } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { v7 as newKey } from 'uuid'
import { same } from '~~/core/merge'
import {
  addItem, alternatives, changeItem, findItem, lastTime, liftsOnly, moveItem, moveToNeighbour, nudgeItem, optimiseWeek,
  removeItem, mendConflict, stepDose, stepSets, targetOrigins, weekGoal, weekLedger, weeklyTargets, type Place,
  type PlanProof, type TrunkItem, type WeekPlan,
} from '~~/core/programme'
import { weekConflicts, type Conflict } from '~~/core/rules'
import type { Dose } from '~~/core/dose'
import type { Catalogue, Variation } from '~~/core/catalogue'
import { planningContext } from '~~/shared/planningContext'
import type { WeekSheet } from '~~/shared/types'
import type { useWeekStore } from '~/stores/week'

/**
 * How long a coach's hand rests before the week is solved anew around the edits, and what is worth telling: weighted
 * seconds.
 */
const RESOLVE_AFTER_MS = 1200
const WORTH_TELLING = 10

export type WeekStore = ReturnType<typeof useWeekStore>

/** The week sheet of (stored week): everything computed from the plan, and every edit a coach can make to it. */
export function useWeekSheet(store: WeekStore, sheet: ComputedRef<WeekSheet>, catalogue: ComputedRef<Catalogue>) {
  const selectedId = ref<string | null>(null)
  const notes = ref<readonly string[]>([])

  const context = computed(() =>
    planningContext(
      sheet.value.athlete, sheet.value.week.startsOn, sheet.value.competitions, catalogue.value, sheet.value.settled,
    )
  )
  const origins = computed(() => targetOrigins({ ...context.value, sessions: store.plan.sessions.length }))
  const targets = computed(() => weeklyTargets({ ...context.value, sessions: store.plan.sessions.length }))
  const ledger = computed(() => weekLedger(store.plan, targets.value, catalogue.value))
  const conflicts = computed(() => weekConflicts(store.plan, context.value, sheet.value.previousPlan))
  const selected = computed(() => (selectedId.value ? findItem(store.plan, selectedId.value) : null))
  const last = computed(() => (selected.value && sheet.value.previousPlan
    ? lastTime(selected.value.item.variationId, selected.value.session.day, sheet.value.previousPlan, catalogue.value)
    : null))
  const swaps = computed(() => (selected.value
    ? alternatives(selected.value.item, selected.value.session, context.value).slice(0, 5)
    : []))
  const goalOf = (plan: WeekPlan): number => weekGoal(plan, context.value, sheet.value.previousPlan)
  /** What each stand-in, and leaving the drill out, would leave wanting more: weighted seconds. */
  const costs = computed(() => {
    if (!selected.value) return { swaps: [], drop: 0 }
    const { item } = selected.value
    const now = goalOf(store.plan)
    return {
      swaps: swaps.value.map(choice =>
        goalOf(changeItem(store.plan, item.id, () => ({ ...choice.item, id: item.id }))) - now
      ),
      drop: goalOf(removeItem(store.plan, item.id)) - now,
    }
  })
  const mends = computed(() => conflicts.value.filter(c => c.itemId === null || c.itemId === selectedId.value)
    .map(conflict => ({ conflict, mend: mendConflict(conflict, store.plan, context.value) })))
  /** Drills a coach has marked: what is done is done to all of them. */
  const marked = ref<ReadonlySet<string>>(new Set())
  /** What the last proposal was, to compare with. */
  const proposed = shallowRef<WeekPlan | null>(null)
  /** Items in the order of the sheet, for stepping through them. */
  const order = computed(() => store.plan.sessions.flatMap(session => session.items.map(item => item.id)))

  /** What is known about better weeks than the one that was proposed; null once the coach has changed it. */
  const proof = ref<PlanProof | null>(null)
  const proving = ref(false)
  watch(() => store.plan, () => { proof.value = null })

  /**
   * A good week at once, and the planner's word on it as soon as it is there. An answer to a week that was changed
   * meanwhile is dropped.
   */
  async function propose(): Promise<void> {
    const { sessions } = store.plan
    const quick = optimiseWeek({ context: context.value, sessions }, { before: sheet.value.previousPlan })
    notes.value = quick.notes
    store.change(quick.plan)
    proposed.value = quick.plan
    selectedId.value = order.value[0] ?? null
    const shown = store.plan
    await nextTick()
    proof.value = quick.proof
    if (!quick.proof || quick.proof.proven) return
    proving.value = true
    try {
      const answer = await store.best(sessions)
      if (store.plan !== shown) return
      notes.value = answer.notes
      if (answer.proof && answer.proof.goal < quick.proof.goal) {
        store.change(answer.plan)
        proposed.value = answer.plan
      }
      await nextTick()
      proof.value = answer.proof
    }
    catch {
      // The week stands; that nothing better was looked for stays written beside it as "not proven".
    }
    finally {
      proving.value = false
    }
  }

  /**
   * A better week around what the coach has changed since the proposal; the week itself is left alone until it is
   * taken.
   */
  const offer = shallowRef<{ readonly plan: WeekPlan, readonly gain: number } | null>(null)
  watch(() => store.plan, () => { offer.value = null })
  watchDebounced(() => store.plan, plan => void lookAroundEdits(plan), { debounce: RESOLVE_AFTER_MS })

  async function lookAroundEdits(plan: WeekPlan): Promise<void> {
    const { value: first } = proposed
    if (!first || same(first, plan) || conflicts.value.some(c => c.blocks)) return
    const made = new Map(
      first.sessions.flatMap(s => s.items.map(item => [item.id, { item, sessionId: s.id }] as const)),
    )
    const mine = (item: TrunkItem, sessionId: string): boolean => {
      const was = made.get(item.id)
      return !was || was.sessionId !== sessionId || !same(was.item, item)
    }
    const own = new Set(
      plan.sessions.flatMap(s => s.items.filter(item => !item.kept && mine(item, s.id)).map(item => item.id)),
    )
    const asked = plan.sessions.map(s => ({
      ...s,
      items: s.items.map(item => (own.has(item.id) ? { ...item, kept: true as const } : item)),
    }))
    const answer = await store.best(asked).catch(() => null)
    // An answer to a week that was changed meanwhile is dropped; a failed one leaves the week as good as it was.
    if (!answer || store.plan !== plan) return
    const gain = goalOf(plan) - goalOf(answer.plan)
    const freed = {
      sessions: answer.plan.sessions.map(s => ({
        ...s,
        items: s.items.map(({ kept, ...item }) => (kept && !own.has(item.id) ? { ...item, kept } : item)),
      })),
    }
    if (gain >= WORTH_TELLING) offer.value = { plan: freed, gain }
  }

  function takeOffer(): void {
    if (!offer.value) return
    const { plan } = offer.value
    store.change(plan)
    proposed.value = plan
  }

  function select(step: 1 | -1): void {
    const at = selectedId.value ? order.value.indexOf(selectedId.value) : step === 1 ? -1 : 0
    selectedId.value = order.value[(at + step + order.value.length) % Math.max(1, order.value.length)] ?? null
  }

  /** Marked drills that are still there, or the selected one. */
  const targetsOfEdit = (): string[] => {
    const there = order.value.filter(id => marked.value.has(id))
    return there.length > 0 ? there : selectedId.value ? [selectedId.value] : []
  }
  const onSelected = (edit: (plan: WeekPlan, itemId: string) => WeekPlan) => (): void => {
    const ids = targetsOfEdit()
    if (ids.length > 0) store.change(ids.reduce(edit, store.plan))
  }
  function mark(itemId: string | null): void {
    const next = new Set(marked.value)
    if (itemId && !next.delete(itemId)) next.add(itemId)
    marked.value = itemId ? next : new Set()
  }
  const setDose = (itemId: string, dose: Dose): void =>
    store.change(changeItem(store.plan, itemId, i => ({ ...i, dose })))
  const change = (itemId: string, edit: (item: TrunkItem) => TrunkItem): void =>
    store.change(changeItem(store.plan, itemId, edit))

  function remove(): void {
    const at = order.value.indexOf(selectedId.value ?? '')
    onSelected(removeItem)()
    selectedId.value = order.value[Math.min(at, order.value.length - 1)] ?? null
  }

  /** Kept, a drill stays where it is when the week is proposed anew. */
  const keepIt = (): void =>
    onSelected((plan, id) => changeItem(plan, id, ({ kept, ...item }) => (kept ? item : { ...item, kept: true })))()

  /** Settles the first conflict of the selected drill, or of the week, by its smallest step. */
  function mendIt(conflict?: Conflict): void {
    const asked = conflict ?? conflicts.value.find(c => c.itemId === selectedId.value) ?? conflicts.value[0]
    const mend = asked && mendConflict(asked, store.plan, context.value)
    if (mend) store.change(mend.plan)
  }

  /**
   * Never this drill for this athlete, or in these places only; null takes the lock away. Stored for the athlete, not
   * the week.
   */
  const lock = (variationId: string, to: 'never' | readonly string[] | null): Promise<void> =>
    store.settle((rules) => {
      const { [variationId]: _, ...only } = rules.only
      return {
        ...rules,
        never: [...rules.never.filter(id => id !== variationId), ...(to === 'never' ? [variationId] : [])],
        only: to !== null && to !== 'never' ? { ...only, [variationId]: to } : only,
      }
    })
  const setNote = (itemId: string, note: string): void =>
    change(itemId, ({ note: _, ...item }) => (note.trim() ? { ...item, note: note.slice(0, 500) } : item))

  function swap(index: number): void {
    const choice = swaps.value[index]
    if (choice && selectedId.value) change(selectedId.value, item => ({ ...choice.item, id: item.id }))
  }

  function add(sessionId: string, variation: Variation, dose: Dose): void {
    const item: TrunkItem = {
      id: newKey(), variationId: variation.id, dose, slot: 'after', pairedWith: null, extraSetSide: null, setting: {},
      why: 'Chosen by the coach.',
    }
    store.change(addItem(store.plan, sessionId, item))
    selectedId.value = item.id
  }

  /** The whole of last week, kept locks and all, to be worked on. */
  function copyWeek(): void {
    if (sheet.value.previousPlan) store.change(sheet.value.previousPlan)
  }

  function copyLifts(): void {
    if (sheet.value.previousPlan) store.change(liftsOnly(sheet.value.previousPlan))
  }

  return {
    selectedId, notes, proof, proving, context, targets, ledger, conflicts, selected, last, swaps, propose, select,
    setDose, change, remove, keepIt, swap, add, copyLifts, copyWeek, origins, costs, mends, marked, mark, mendIt, lock,
    setNote, proposed, offer, takeOffer,
    nudge: (step: 1 | -1) => onSelected((plan, id) => nudgeItem(plan, id, step))(),
    toNeighbour: (step: 1 | -1) => onSelected((plan, id) => moveToNeighbour(plan, id, step))(),
    moveTo: (itemId: string, sessionId: string, place: Place) =>
      store.change(moveItem(store.plan, itemId, sessionId, place)),
    doseStep: (step: 1 | -1) =>
      onSelected((plan, id) => changeItem(plan, id, i => ({ ...i, dose: stepDose(i.dose, step) })))(),
    setsStep: (step: 1 | -1) =>
      onSelected((plan, id) => changeItem(plan, id, i => ({ ...i, dose: stepSets(i.dose, step) })))(),
  }
}
