import { computed, watch } from 'vue'
import { screenOf } from '~~/shared/planningContext'
import { useAssessmentStore } from '~/stores/assessment'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useCatalogue } from './useCatalogue'
import { useMay } from './useMay'

/** A room about one athlete, (named by the address): loads what is known of them, and says who may change it. */
export function useAthleteRoom(
  name: string,
  alsoLoad: (id: string, today: string) => Promise<unknown> = () => Promise.resolve(),
) {
  const route = useRoute()
  const signedIn = useSignInStore()
  const roster = useRosterStore()
  const store = useAssessmentStore()
  const catalogue = useCatalogue()
  const id = computed(() => String(route.params.id))
  const { plan: editable } = useMay()
  async function load(): Promise<void> {
    roster.opened(id.value)
    await Promise.all([store.load(id.value), alsoLoad(id.value, signedIn.me!.today)])
  }
  watch(id, load, { immediate: import.meta.client })
  useHead({ title: () => `${name}, ${store.athlete?.name ?? ''} · Keen Anchor` })

  /** The store may hold another athlete still. */
  const reading = computed(() => ({
    state: store.state === 'ready' && store.athlete?.id !== id.value ? 'loading' as const : store.state,
    problem: store.problem,
  }))
  const today = computed(() => signedIn.me!.today)
  const screen = computed(() => screenOf(store.athlete!, today.value, catalogue.value))
  return { id, editable, load, reading, today, screen, signedIn, roster, store, catalogue }
}
