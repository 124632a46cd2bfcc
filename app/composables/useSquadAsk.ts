import { storeToRefs } from 'pinia'
import { computed, onMounted, reactive, ref, shallowRef, watch } from 'vue'
import { v7 as newKey } from 'uuid'
import { addDays, isTrainingDay, mondayOf } from '~~/core/calendar'
import type { WeekPlan } from '~~/core/programme'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useSquadWeekStore } from '~/stores/squadWeek'
import { useAttempt } from './useAttempt'
import { useDraft } from './useDraft'
import { useLooking } from './useLooking'

/** The week that an address asks for; the next one where it asks for none. */
const weekAsked = (start: string, today: string): string =>
  (isTrainingDay(start) ? mondayOf(start) : addDays(mondayOf(today), 7))

/** What is asked for a squad: who, which weeks, on which lift days; kept in the address and on the device. */
export function useSquadAsk() {
  const route = useRoute()
  const router = useRouter()
  const signedIn = useSignInStore()
  const roster = useRosterStore()
  const store = useSquadWeekStore()
  const { rows } = storeToRefs(roster)
  const startsOn = ref(weekAsked(String(route.query.start ?? ''), signedIn.me!.today))
  const weeks = ref(1)
  const selected = ref<ReadonlySet<string>>(new Set(String(route.query.ids ?? '').split(',').filter(Boolean)))
  /** The lifts of the squad's last planned week are the likeliest start; two plain days otherwise. */
  const plan = shallowRef<WeekPlan>({ sessions: [] })
  const replace = ref(false)
  /** Lift days that were typed and not proposed with yet are there again when the page is. */
  const draft = useDraft('draft/squad-week', reactive({ plan, weeks, replace }))
  // The address brings selection and week back, on any device.
  watch([selected, startsOn], () => router.replace({
    query: { ...route.query, ids: [...selected.value].join(','), start: startsOn.value },
  }))
  const { busy, problem, attempt } = useAttempt()
  /** What the page reads by itself: a click meanwhile is not lost to it. */
  const opening = useAttempt()

  onMounted(async () => {
    store.run = null
    await roster.load()
    await opening.attempt(async () => {
      await store.loadLatest()
      // What the address says of selection and week is newer than the run it names.
      if (route.query.run) await show(String(route.query.run), route.query.ids === undefined)
    })
  })

  /** A run, with what it was asked for: all of it, or only what is nowhere else. */
  async function show(id: string, all = true): Promise<void> {
    await store.open(id)
    const run = store.run!
    if (plan.value.sessions.length === 0 || (all && run.sessions.length > 0)) plan.value = { sessions: run.sessions }
    if (!all) return
    selected.value = new Set(run.lines.map(line => line.athleteId))
    startsOn.value = run.startsOn
    weeks.value = run.weeks
  }

  const chosen = computed(() => rows.value.filter(row => selected.value.has(row.athlete.id)))
  useLooking(() => store.going, store.look, (text) => { problem.value = text })

  /** The run outlives the page: its address brings it back. */
  const named = (run: string) => router.replace({ query: { ...route.query, run } })
  const copyLifts = () =>
    attempt(async () => {
      const from = chosen.value[0]
      if (from) plan.value = await store.liftsOf(from.athlete.id, startsOn.value)
    })
  const propose = () =>
    attempt(async () => {
      const id = newKey()
      await store.start({
        id, athleteIds: [...selected.value], startsOn: startsOn.value, weeks: weeks.value,
        sessions: plan.value.sessions, replace: replace.value,
      })
      draft.sent()
      await named(id)
    })
  const openRun = (id: string) => attempt(() => show(id).then(() => named(id)))

  return {
    startsOn, weeks, selected, plan, replace, chosen, busy, attempt, copyLifts, propose, openRun,
    problem: computed(() => problem.value || opening.problem.value),
  }
}
