import { nextTick, ref, shallowRef, watch } from 'vue'
import { watchDebounced } from '@vueuse/core'
import { same } from '~~/core/merge'
import type { PlannedSession, PlanProof, TrunkItem, WeekPlan } from '~~/core/programme'
import type { EditedWeek, FilledWeek } from './editedWeek'
import type { useReckoning } from './useReckoning'

/**
 * How long a coach's hand rests before the week is solved anew around the edits, and what is worth telling: weighted
 * full sets.
 */
const RESOLVE_AFTER_MS = 1200
const WORTH_TELLING = 0.2

/** What the engine proposes for (the week), what it knows about better ones, and what it offers around edits. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useProposal(
  week: EditedWeek, { conflicts, goalOf }: Pick<ReturnType<typeof useReckoning>, 'conflicts' | 'goalOf'>,
) {
  const notes = ref<readonly string[]>([])
  /** What the last proposal was, to compare with. */
  const proposed = shallowRef<WeekPlan | null>(null)
  /** What is known about better weeks than the one that was proposed; null once the coach has changed it. */
  const proof = ref<PlanProof | null>(null)
  const proving = ref(false)
  /** A better week around what the coach has changed; the week itself is left alone until it is taken. */
  const offer = shallowRef<{ readonly plan: WeekPlan, readonly gain: number } | null>(null)
  watch(() => week.plan, () => {
    proof.value = null
    offer.value = null
  })

  function put(plan: WeekPlan): void {
    week.change(plan)
    proposed.value = plan
  }

  /** The week filled as it is then, where it is changed meanwhile. */
  async function fill(): Promise<{ sessions: readonly PlannedSession[], quick: FilledWeek }> {
    for (;;) {
      const asked = week.plan
      const quick = await week.fill(asked.sessions)
      if (week.plan === asked) return { sessions: asked.sessions, quick }
    }
  }

  let filling = false
  /**
   * A good week at once, and the planner's word on it as soon as it is there. An answer to a week that was changed
   * meanwhile is dropped.
   *
   * @param shown called when the good week stands
   */
  async function propose(shown: () => void = () => undefined): Promise<void> {
    if (filling) return
    filling = true
    const { sessions, quick } = await fill().finally(() => { filling = false })
    notes.value = quick.notes
    put(quick.plan)
    shown()
    const stands = week.plan
    await nextTick()
    proof.value = quick.proof
    if (!quick.proof || quick.proof.proven) return
    proving.value = true
    try {
      const answer = await week.best(sessions)
      if (week.plan !== stands) return
      notes.value = answer.notes
      if (answer.proof && answer.proof.goal < quick.proof.goal) put(answer.plan)
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

  watchDebounced(() => week.plan, plan => void lookAroundEdits(plan), { debounce: RESOLVE_AFTER_MS })

  async function lookAroundEdits(plan: WeekPlan): Promise<void> {
    const { value: first } = proposed
    if (!first || same(first, plan) || conflicts.value.some(c => c.blocks)) return
    const own = editedSince(first, plan)
    const answer = await week.best(mapItems(plan, item => (own.has(item.id) ? { ...item, kept: true } : item)).sessions)
      .catch(() => null)
    // An answer to a week that was changed meanwhile is dropped; a failed one leaves the week as good as it was.
    if (!answer || week.plan !== plan) return
    const gain = goalOf(plan) - goalOf(answer.plan)
    if (gain < WORTH_TELLING) return
    const freed = mapItems(answer.plan, ({ kept, ...item }) => (kept && !own.has(item.id) ? { ...item, kept } : item))
    offer.value = { plan: freed, gain }
  }

  function takeOffer(): void {
    if (offer.value) put(offer.value.plan)
  }

  return { notes, proposed, proof, proving, offer, propose, takeOffer }
}

const mapItems = (plan: WeekPlan, edit: (item: TrunkItem) => TrunkItem): WeekPlan =>
  ({ sessions: plan.sessions.map(session => ({ ...session, items: session.items.map(edit) })) })

/** What a coach has put, moved or changed since the proposal, and not kept by hand. */
function editedSince(first: WeekPlan, plan: WeekPlan): ReadonlySet<string> {
  const made = new Map(first.sessions.flatMap(s => s.items.map(item => [item.id, { item, at: s.id }] as const)))
  return new Set(plan.sessions.flatMap(s => s.items.filter((item) => {
    const was = made.get(item.id)
    return !item.kept && (!was || was.at !== s.id || !same(was.item, item))
  }).map(({ id }) => id)))
}
