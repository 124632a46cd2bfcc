<script setup lang="ts">
import { addDays, daysBetween, isTrainingDay } from '~~/core/calendar'
import { spanProblem } from '~~/core/review'
import AthleteTabs from '~/components/athlete/AthleteTabs.vue'
import RoomPage from '~/components/common/RoomPage.vue'
import AllWeeks from '~/components/review/AllWeeks.vue'
import CompareStretches from '~/components/review/CompareStretches.vue'
import PlainReport from '~/components/review/PlainReport.vue'
import ReportLinks from '~/components/review/ReportLinks.vue'
import ReviewBody from '~/components/review/ReviewBody.vue'
import { useCatalogue } from '~/composables/useCatalogue'
import { useMay } from '~/composables/useMay'
import SeriesOut from '~/components/review/SeriesOut.vue'
import { useSpan } from '~/composables/useSpan'
import { saveAsFile } from '~/files/saveAsFile'
import { writeTable } from '~/files/tableFile'
import { seriesRows } from '~/words/reviewWords'
import { useReviewStore } from '~/stores/review'
import { useRosterStore } from '~/stores/roster'
import { useReportsStore } from '~/stores/reports'

const route = useRoute()
const store = useReviewStore()
const roster = useRosterStore()
const catalogue = useCatalogue()
const may = useMay()
const { from, to, other, today, set, lastWeeks } = useSpan()
const id = computed(() => String(route.params.id))
const found = computed(() => (store.found?.athlete.id === id.value ? store.found : null))
useHead({ title: () => `Review, ${found.value?.athlete.name ?? ''} · Keen Anchor` })
const reports = useReportsStore()
const plain = ref(false)

watch([id, from, to], () => {
  roster.opened(id.value)
  void store.load(id.value, { from: from.value, to: to.value })
}, { immediate: import.meta.client })
watch(id, () => {
  if (may.plan.value) void reports.load(id.value).catch(() => undefined)
}, { immediate: import.meta.client })
watch([id, other], () => void store.compare(id.value, other.value), { immediate: import.meta.client })

const dayProblem = ref('')
/** A day that makes no span is said and changes nothing. */
function setDay(name: 'from' | 'to' | 'from2' | 'to2', value: string): void {
  const next = { from: from.value, to: to.value, [name]: value }
  dayProblem.value = isTrainingDay(value) ? spanProblem(next.from, next.to) ?? '' : 'This is no day.'
  if (dayProblem.value === '') void set({ [name]: value })
}
/** Held against the same time before it, where nothing else is chosen. */
const compareWithBefore = (): void => {
  const days = daysBetween(from.value, to.value) + 1
  void set({ from2: addDays(from.value, -days), to2: addDays(to.value, -days) })
}
/** Before anything that was ever logged. */
const FIRST_DAY = '2000-01-03'
function lookBackFrom(startsOn: string): void {
  const sunday = addDays(startsOn, 6)
  void set({ from: addDays(startsOn, -77), to: sunday > today.value ? today.value : sunday })
}
const fileName = (ending: string): string => `keen-anchor-review-${from.value}-${to.value}.${ending}`
async function save(as: 'csv' | 'json'): Promise<void> {
  if (!found.value) return
  if (as === 'json') saveAsFile(fileName('json'), JSON.stringify(found.value, null, 2), 'application/json')
  else saveAsFile(fileName('csv'), await writeTable(seriesRows(found.value)), 'text/csv')
}
</script>

<template>
  <div>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <template v-if="found">
        <header
          class="flex flex-wrap items-baseline gap-x-3 gap-y-1 mb-1"
          :class="plain ? 'no-print' : ''"
        >
          <h1>{{ found.athlete.name }}</h1>
          <p class="text-quiet">
            review, {{ found.review.mondays.length }} weeks · what the trunk can hold, what was asked, what came of it
          </p>
        </header>
        <AthleteTabs :id="id" />
        <div class="no-print flex flex-wrap gap-2 items-center mb-3">
          <label class="flex gap-1 items-center">From <input
            type="date"
            class="field w-auto"
            :value="from"
            :max="to"
            @change="setDay('from', ($event.target as HTMLInputElement).value)"
          ></label>
          <label class="flex gap-1 items-center">to <input
            type="date"
            class="field w-auto"
            :value="to"
            :min="from"
            :max="today"
            @change="setDay('to', ($event.target as HTMLInputElement).value)"
          ></label>
          <button
            v-for="weeks in [6, 12, 26]"
            :key="weeks"
            type="button"
            class="chip"
            @click="lastWeeks(weeks)"
          >
            {{ weeks }} weeks
          </button>
          <p
            v-if="dayProblem"
            class="problem"
            role="alert"
          >
            {{ dayProblem }}
          </p>
          <span class="ml-auto flex flex-wrap gap-2">
            <button
              type="button"
              class="btn"
              :aria-pressed="plain"
              @click="plain = !plain"
            >{{ plain ? 'With numbers' : 'In plain words' }}</button>
            <SeriesOut
              @save="save"
            />
          </span>
        </div>
        <PlainReport
          v-if="plain"
          :found="found"
          :catalogue="catalogue"
        />
        <template v-else>
          <ReviewBody
            :found="found"
            :catalogue="catalogue"
            :logs="store.logs"
            @week="store.readSets(id, from)"
          />
          <section
            class="panel mt-4"
            :class="store.other ? '' : 'no-print'"
            aria-label="Against another time"
          >
            <h2>Against another time</h2>
            <p class="no-print flex flex-wrap gap-2 items-center my-1">
              <button
                type="button"
                class="btn"
                @click="compareWithBefore"
              >
                The same time before
              </button>
              <label class="flex gap-1 items-center">or from <input
                type="date"
                class="field w-auto"
                :value="other?.from"
                @change="setDay('from2', ($event.target as HTMLInputElement).value)"
              ></label>
              <label class="flex gap-1 items-center">to <input
                type="date"
                class="field w-auto"
                :value="other?.to"
                @change="setDay('to2', ($event.target as HTMLInputElement).value)"
              ></label>
            </p>
            <p
              v-if="store.beside === 'failed'"
              class="problem"
              role="alert"
            >
              {{ store.besideProblem }}
            </p>
            <CompareStretches
              v-if="store.other"
              :now="found.review"
              :then="store.other.review"
            />
          </section>
          <AllWeeks
            class="mt-4"
            :series="store.series"
            :busy="store.beside === 'loading'"
            @show="store.readSeries(id, FIRST_DAY)"
            @week="lookBackFrom"
          />
          <ReportLinks
            v-if="may.plan.value"
            class="mt-4"
            :links="reports.links"
            :make="(kind, days) => reports.make(id, { kind, from, to, days })"
            :revoke="reports.revoke"
          />
        </template>
      </template>
    </RoomPage>
  </div>
</template>
