import { computed, onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue'
import { stretchOf, type Stretch } from '~~/core/review'
import { messageOf } from '~~/shared/errors'
import type { AthleteReview, RosterRow } from '~~/shared/types'
import { useReviewStore } from '~/stores/review'

/** One athlete of a squad's look back; null while it is read. */
export interface SquadRow {
  readonly id: string
  readonly name: string
  readonly found: AthleteReview | null
  readonly stretch: Stretch | null
  readonly problem: string
}

/** Looks back on one athlete after the other and shows each as it comes: a squad is not waited for as a whole. */
export function useSquadReview(
  rows: Ref<readonly RosterRow[]>, span: { readonly from: Ref<string>, readonly to: Ref<string> },
) {
  const known = shallowRef(new Map<string, AthleteReview>())
  const problems = ref(new Map<string, string>())
  const store = useReviewStore()
  let turn = 0

  async function load(): Promise<void> {
    const mine = ++turn
    known.value = new Map()
    problems.value = new Map()
    for (const { athlete: { id } } of rows.value) {
      if (mine !== turn) return
      try {
        const found = await store.one(id, { from: span.from.value, to: span.to.value })
        if (mine === turn) known.value = new Map([...known.value, [id, found]])
      }
      catch (error) {
        if (mine === turn) problems.value.set(id, messageOf(error))
      }
    }
  }
  watch([() => rows.value.map(row => row.athlete.id).join(), span.from, span.to], () => void load(), {
    immediate: import.meta.client,
  })
  onBeforeUnmount(() => { turn += 1 })

  const squad = computed(() => rows.value.map(({ athlete: { id, name } }): SquadRow => {
    const found = known.value.get(id) ?? null
    return { id, name, found, stretch: found && stretchOf(found.review), problem: problems.value.get(id) ?? '' }
  }))
  return { squad, load }
}
