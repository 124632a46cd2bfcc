import { computed, onMounted, ref } from 'vue'
import { addDays, daysBetween, isTrainingDay, mondayOf } from '~~/core/calendar'
import type { Variation } from '~~/core/catalogue'
import type { PlannedSession } from '~~/core/programme'
import { redFlags } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useWeekStore } from '~/stores/week'
import { shortDay } from '~/words/inWords'
import { useAlerts } from '../useAlerts'
import { useAttempt } from '../useAttempt'
import { useCatalogue } from '../useCatalogue'
import { useMay } from '../useMay'
import { useTold } from '../useTold'
import { useWeekDialogs } from './useWeekDialogs'
import { useWeekKeys } from './useWeekKeys'
import { useWeekSheet } from './useWeekSheet'

/** How often an open sheet looks whether another coach stored something. */
const LOOK_AROUND_MS = 4000
/** Athletes that a drill can be dropped on. */
const MOST_MATES = 24

/** The room of one athlete's one week, by its address: the sheet, its dialogs and keys, and what stands around it. */
// eslint-disable-next-line max-lines-per-function -- one state, and short functions that change it
export function useWeekRoom() {
  const route = useRoute()
  const signedIn = useSignInStore()
  const roster = useRosterStore()
  const store = useWeekStore()
  const catalogue = useCatalogue()
  const { plan: editable } = useMay()
  const athleteId = String(route.params.id)
  const start = String(route.query.start ?? '')
  const startsOn = isTrainingDay(start) ? mondayOf(start) : mondayOf(signedIn.me!.today)
  const titleOf = ({ day }: PlannedSession): string => shortDay(addDays(startsOn, day))

  const desk = useWeekSheet(store, computed(() => store.sheet!), catalogue)
  const dialogs = useWeekDialogs(store, desk, () => store.sheet?.previousPlan ?? null)
  const assigned = ref(false)
  const assign = async (reason = ''): Promise<void> => { assigned.value = await store.assign(reason) }
  const { actions, on: keysOn } = useWeekKeys(desk, store, () => editable.value, {
    open: (dialog) => { dialogs.dialog.value = dialog },
    addDrill: () => {
      const at = desk.selected.value?.session ?? store.plan.sessions[0]
      if (at) dialogs.dialog.value = { kind: 'drill', session: at }
    },
    assign: () => void assign(),
  })

  const athlete = computed(() => store.sheet?.athlete ?? null)
  const alerts = useAlerts(() => store.refreshAthlete())
  const stop = computed(() => alerts.open.find(one => one.athleteId === athleteId && one.kind === 'stop') ?? null)
  /** Whether a red flag stands on the week's days that are still to come, or on the week's last one. */
  const stopped = computed(() => {
    const { today } = signedIn.me!
    const last = addDays(startsOn, 6)
    const day = today < startsOn ? startsOn : today > last ? last : today
    return athlete.value !== null && redFlags(screenOf(athlete.value, day, catalogue.value).flags).length > 0
  })
  const others = computed(() => roster.rows.filter(row => row.athlete.id !== athleteId))
  const mates = computed(() =>
    others.value.filter(row => row.athlete.groupIds.some(id => athlete.value?.groupIds.includes(id)))
      .slice(0, MOST_MATES)
  )

  onBeforeRouteLeave(() => { void store.flush() })

  // The device keeps what is not stored yet, so that leaving needs no warning.
  useTold({
    topic: 'week', subject: () => athleteId, look: () => void store.lookAround(), everyMs: LOOK_AROUND_MS,
  })
  onMounted(() => {
    roster.opened(athleteId)
    // Whom drills may be copied to; the sheet works without.
    if (roster.state === 'idle') void roster.load()
  })
  // Before anything is drawn: what the store still holds may be another athlete's.
  const load = (): Promise<void> => store.load(athleteId, startsOn)
  if (import.meta.client) void load().then(addAsked)

  function chooseDrill(at: PlannedSession, variation: Variation): void {
    desk.add(at.id, variation)
    dialogs.close()
  }

  /** A drill that was sent here from the bench goes to the first session that is still ahead. */
  function addAsked(): void {
    const variation = catalogue.value.find(String(route.query.add ?? ''))
    const { sessions } = store.plan
    const at = sessions.find(s => s.day >= daysBetween(startsOn, signedIn.me!.today)) ?? sessions.at(-1)
    if (!variation || !at || !editable.value || store.reader.state !== 'ready') return
    chooseDrill(at, variation)
    void navigateTo({ path: route.path, query: { start: route.query.start } }, { replace: true })
  }

  const copied = ref('')
  const copying = useAttempt()
  const copy = (ids: readonly string[], to: string): Promise<boolean> => copying.attempt(async () => {
    copied.value = ''
    const [one] = await store.applyTo(ids, [to])
    if (one) copied.value = `${one.athleteName}: ${one.placed} of ${ids.length} copied. ${one.notes.join(' ')}`
  })

  return {
    signedIn, roster, store, editable, startsOn, athlete, desk, dialogs, actions, keysOn, stop, stopped, mates, others,
    titleOf, load, assigned, assign, chooseDrill, copy, copied: computed(() => copying.problem.value || copied.value),
  }
}
