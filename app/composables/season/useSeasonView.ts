import { computed, nextTick, ref, watch, type Ref } from 'vue'
import { addDays, daysBetween } from '~~/core/calendar'
import type { SportProfileId } from '~~/core/programme'
import { seasonWeek } from '~~/core/season'
import { WEEK_PX } from '~/drawing/ribbonLayout'
import type { useSeasonDraft } from './useSeasonDraft'
import { weekDemand } from '~/words/weekDemand'

type Draft = ReturnType<typeof useSeasonDraft>

/** Where on the season line one looks: the week, a day of it, and how near. */
export function useSeasonView(
  { shape, plan, instance, season }: Draft, sport: Ref<SportProfileId>, first: Ref<string>,
) {
  const days = ref(false)
  const week = ref(0)
  const weekday = ref<number | null>(null)
  const frame = ref<HTMLElement | null>(null)
  const frameWidth = ref(1080)
  watch(frame, (element) => { if (element) frameWidth.value = element.clientWidth })

  const bounded = (to: number): number => Math.max(0, Math.min(shape.value.weeks - 1, to))
  const weekOf = (day: string): number => bounded(Math.floor(daysBetween(shape.value.startsOn, day) / 7))
  watch(() => [season.value === null, season.value?.groupId, first.value], () => {
    week.value = weekOf(first.value)
  }, { immediate: true })

  const weekPx = computed(
    () => (days.value ? WEEK_PX.days : Math.max(WEEK_PX.least, Math.floor(frameWidth.value / shape.value.weeks)))
  )
  const startsOn = computed(() => addDays(shape.value.startsOn, 7 * week.value))
  const said = computed(() => (plan.value ? seasonWeek(shape.value, instance.value, plan.value, startsOn.value) : null))
  const demands = computed(
    () => (plan.value
      ? plan.value.loads.map((_, w) => weekDemand(shape.value, instance.value, plan.value!, sport.value, w))
      : [])
  )
  const chosenDay = computed(() => (weekday.value === null ? null : addDays(startsOn.value, weekday.value)))

  function show(to: number): void {
    week.value = bounded(to)
    weekday.value = null
    void nextTick(() =>
      frame.value?.scrollTo({ left: (week.value + 0.5) * weekPx.value - frame.value.clientWidth / 2 })
    )
  }
  function showDay(day: number): void {
    week.value = Math.floor(day / 7)
    weekday.value = day % 7
  }
  function zoom(): void {
    days.value = !days.value
    show(week.value)
  }
  return { days, week, weekday, frame, weekPx, startsOn, said, demands, chosenDay, weekOf, show, showDay, zoom }
}
