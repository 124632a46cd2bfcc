import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { v7 as newKey } from 'uuid'
import { messageOf } from '~~/shared/errors'
import type { DecisionInput, DecisionRow, Group, TakenDecision } from '~~/shared/types'
import { decisionsWaiting, fetchDecisions, sendDecisions, undoDecision } from '~/api/decisions'
import { fetchGroups } from '~/api/people'
import { reading } from './parts/reading'
import { useRosterStore } from './roster'

/** One line, whoever's and on whatever branch. */
export const rowKey = ({ athlete, decision }: DecisionRow): string => `${athlete.id} ${decision.branch}`

/** What there is to decide, and what was decided in the last week. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export const useDecisionsStore = defineStore('decisions', () => {
  const all = shallowRef<readonly DecisionRow[]>([])
  /** There are more athletes in sight than these lines are about. */
  const more = ref(false)
  const taken = shallowRef<readonly TakenDecision[]>([])
  const groups = shallowRef<readonly Group[]>([])
  /** On their way: out of sight until the answer is there. */
  const going = ref(new Set<string>())
  /** Why one was not taken, beside it. */
  const problems = ref(new Map<string, string>())
  const { state, problem, read, again } = reading()

  const roster = useRosterStore()
  let asked = false
  const load = (): Promise<void> => read(async () => {
    asked = true
    const of = roster.squadAtHand()
    const [tray, known] = await Promise.all([fetchDecisions(of), fetchGroups()])
    // Another squad was taken meanwhile: its own answer is on the way.
    if (of !== roster.squadId) return
    all.value = tray.rows
    more.value = tray.more
    taken.value = tray.taken
    groups.value = known
  })

  watch(() => roster.squadId, () => { if (asked) void load() })

  /** What an earlier visit of this device left to be stored is decided, too. */
  const left = computed(() => new Set(decisionsWaiting.value.map(one => `${one.athleteId} ${one.branch}`)))
  const rows = computed(() => all.value.filter((row) => {
    const key = rowKey(row)
    return !going.value.has(key) && !left.value.has(key)
  }))
  // Nobody here waits for its answer: what it did is read.
  watch(left, (now, before) => {
    if ([...before].some(key => !now.has(key) && !going.value.has(key))) void again()
  }, { flush: 'sync' })

  /** Takes rows as they are proposed, or one of the other ways with a reason. */
  async function take(chosen: readonly DecisionRow[], way: number | null = null, reason = ''): Promise<void> {
    const sent = new Map(chosen.map((row): [string, DecisionInput] => {
      const { athlete, decision: { branch, kind }, evidenceDay } = row
      return [rowKey(row), { id: newKey(), athleteId: athlete.id, branch, kind, evidenceDay, way, reason }]
    }))
    for (const key of sent.keys()) {
      going.value.add(key)
      problems.value.delete(key)
    }
    try {
      const answer = await sendDecisions([...sent.values()])
      taken.value = answer.taken
      const done = new Set(answer.outcomes.filter(one => one.done).map(one => one.id))
      for (const { id, problem: why } of answer.outcomes) {
        const [key] = [...sent].find(([, input]) => input.id === id) ?? []
        if (key !== undefined && !done.has(id)) problems.value.set(key, why)
      }
      all.value = all.value.filter(row => !done.has(sent.get(rowKey(row))?.id ?? ''))
    }
    catch (error) {
      for (const key of sent.keys()) problems.value.set(key, messageOf(error))
    }
    finally {
      for (const key of sent.keys()) going.value.delete(key)
    }
  }

  async function undo(id: string): Promise<void> {
    taken.value = (await undoDecision(id)).taken
    await load()
  }

  return { rows, more, taken, groups, going, problems, state, problem, again, load, take, undo }
})
