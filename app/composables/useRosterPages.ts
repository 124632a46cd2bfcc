import { useDebounceFn } from '@vueuse/core'
import { computed, shallowRef, watch } from 'vue'
import { ROSTER_SORTS, type RosterQuery, type RosterRow, type RosterSort } from '~~/shared/types'
import { reading } from '~/stores/parts/reading'
import { useRosterStore } from '~/stores/roster'

/** How long after a key the roster is asked for: a word is not asked for letter by letter. */
const TYPING_MS = 120

/** What an address says of a roster. */
function asked(query: Record<string, unknown>): RosterQuery {
  const text = (name: string): string | undefined => (typeof query[name] === 'string' ? query[name] : undefined)
  const sort = ROSTER_SORTS.find(one => one === query.sort)
  return {
    find: text('find'), group: text('group'), archived: query.archived === 'yes', sort, down: query.down === 'yes',
  }
}

/** The roster page by page, as the address asks for it: what is looked for, which squad, in which order. */
export function useRosterPages() {
  const route = useRoute()
  const router = useRouter()
  const roster = useRosterStore()
  const query = computed(() => asked(route.query))
  const rows = shallowRef<readonly RosterRow[]>([])
  const total = shallowRef(0)
  const next = shallowRef<string | null>(null)
  const { state, problem, read, again } = reading()

  /** What is shown is not yet what was asked for. */
  const busy = shallowRef(false)
  const said = (): string => JSON.stringify(query.value)
  const load = (): Promise<void> => read(async () => {
    const mine = said()
    const page = await roster.page({ ...query.value, most: undefined })
    // An answer that something else was asked before is overtaken.
    if (mine !== said()) return
    ;[rows.value, total.value, next.value] = [page.rows, page.total, page.next]
  })
  const more = (): Promise<void> => read(async () => {
    const mine = said()
    const page = await roster.page({ ...query.value, most: undefined, after: next.value ?? undefined })
    if (mine !== said()) return
    const known = new Set(rows.value.map(row => row.athlete.id))
    ;[rows.value, next.value] = [[...rows.value, ...page.rows.filter(row => !known.has(row.athlete.id))], page.next]
  })
  let onTheWay = Promise.resolve()
  // However the address came to say something else.
  watch(said, () => { onTheWay = load() }, { flush: 'sync' })
  async function set(change: Record<string, string | undefined>): Promise<void> {
    busy.value = true
    await router.replace({ query: { ...route.query, ...change } })
    await onTheWay
    busy.value = false
  }
  const find = useDebounceFn((text: string) => set({ find: text || undefined }), TYPING_MS)
  /** The same column once more turns the order round. */
  const sortBy = (sort: RosterSort) => set({
    sort, down: query.value.sort === sort && !query.value.down ? 'yes' : undefined,
  })

  return { query, busy, rows, total, next, state, problem, again, load, more, set, find, sortBy }
}
