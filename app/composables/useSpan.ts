import { computed } from 'vue'
import { addDays, isTrainingDay, mondayOf } from '~~/core/calendar'
import { spanProblem } from '~~/core/review'
import { useSignInStore } from '~/stores/signIn'

/** Weeks that are looked back on where nobody says otherwise. */
const USUAL_WEEKS = 12

/** The span of a look back, kept in the address. */
export function useSpan() {
  const route = useRoute()
  const router = useRouter()
  const signedIn = useSignInStore()
  const today = computed(() => signedIn.me?.today ?? '2026-01-01')
  const fromQuery = (name: string): string | null => {
    const value = route.query[name]
    return typeof value === 'string' && isTrainingDay(value) ? value : null
  }
  const to = computed(() => fromQuery('to') ?? today.value)
  const from = computed(() => {
    const asked = fromQuery('from')
    return asked && !spanProblem(asked, to.value) ? asked : addDays(mondayOf(to.value), -7 * (USUAL_WEEKS - 1))
  })
  const other = computed(() => {
    const [otherFrom, otherTo] = [fromQuery('from2'), fromQuery('to2')]
    return otherFrom && otherTo ? { from: otherFrom, to: otherTo } : null
  })
  const set = (query: Record<string, string | undefined>): Promise<unknown> =>
    router.replace({ query: { ...route.query, ...query } })
  const lastWeeks = (weeks: number): Promise<unknown> =>
    set({ from: addDays(mondayOf(today.value), -7 * (weeks - 1)), to: today.value })
  return { from, to, other, today, set, lastWeeks }
}
