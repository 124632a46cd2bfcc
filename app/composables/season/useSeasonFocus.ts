import { storeToRefs } from 'pinia'
import { computed } from 'vue'
import { isTrainingDay } from '~~/core/calendar'
import { useFacilityStore } from '~/stores/facility'
import { useRosterStore } from '~/stores/roster'
import { useSeasonStore } from '~/stores/season'
import { useSignInStore } from '~/stores/signIn'
import { useMay } from '../useMay'

/** Athletes that share a barbell on a hard day (common practice, no source). */
const TO_A_BARBELL = 3

/** Whose season is looked at, by the address: what it says, where it says something that is here. */
export function useSeasonFocus() {
  const route = useRoute()
  const router = useRouter()
  const { today } = useSignInStore().me!
  const roster = useRosterStore()
  const facility = useFacilityStore()
  const { all } = storeToRefs(useSeasonStore())
  const { plan: editable } = useMay()

  const group = computed(() =>
    all.value?.groups.find(one => one.id === route.query.group) ?? all.value?.groups[0] ?? null
  )
  const groupId = computed(() => group.value?.id ?? '')
  const athletesOf = (id: string) =>
    roster.rows.map(row => row.athlete).filter(a => !a.archived && a.groupIds.includes(id))
  const athletes = computed(() => athletesOf(groupId.value))
  const athlete = computed(() => athletes.value.find(a => a.id === route.query.athlete) ?? null)
  const focus = computed(() => ({ groupId: groupId.value, athleteId: athlete.value?.id ?? null }))
  const firstDay = computed(
    () => (typeof route.query.week === 'string' && isTrainingDay(route.query.week) ? route.query.week : today)
  )

  return {
    today, all, groupId, athletes, athlete, focus, firstDay, editable,
    overlay: computed(() => route.query.view === 'all'),
    /** The squad's calendar and shape are changed where the squad is looked at. */
    squadEditable: computed(() => editable.value && focus.value.athleteId === null),
    sport: computed(() => athlete.value?.sport ?? athletes.value[0]?.sport ?? 'general'),
    sizes: computed(() =>
      Object.fromEntries((all.value?.groups ?? []).map(({ id }) => [id, athletesOf(id).length]))
    ),
    places: computed(() => (facility.counts.barbell ?? 0) * TO_A_BARBELL),
    feedChoices: computed(() => [
      ...(athlete.value
        ? [{ scope: 'athlete' as const, subjectId: athlete.value.id, name: athlete.value.name }]
        : []),
      { scope: 'group' as const, subjectId: groupId.value, name: group.value?.name ?? 'the squad' },
      { scope: 'coach' as const, subjectId: null, name: 'all squads' },
    ]),
    report: computed(() => {
      const of = focus.value.athleteId ? `&athlete=${focus.value.athleteId}` : ''
      return `/season/report?group=${groupId.value}${of}`
    }),
    load: () => Promise.all([roster.load(), facility.load()]),
    go: (query: Record<string, string | undefined>) =>
      router.replace({ query: { ...route.query, week: undefined, ...query } }),
  }
}
