<script setup lang="ts">
import { storeToRefs } from 'pinia'
import RoomPage from '~/components/common/RoomPage.vue'
import SquadTable from '~/components/review/SquadTable.vue'
import SeriesOut from '~/components/review/SeriesOut.vue'
import { useSpan } from '~/composables/useSpan'
import { useSquadReview } from '~/composables/useSquadReview'
import { saveAsFile } from '~/files/saveAsFile'
import { writeTable } from '~/files/tableFile'
import { seriesRows } from '~/words/reviewWords'
import { useRosterStore } from '~/stores/roster'

useHead({ title: 'Review · Keen Anchor' })

const route = useRoute()
const roster = useRosterStore()
const { rows, groups } = storeToRefs(roster)
onMounted(roster.load)
const { from, to, set, lastWeeks } = useSpan()
const group = computed(() => (typeof route.query.group === 'string' ? route.query.group : ''))
const members = computed(() => rows.value.filter(({ athlete }) =>
  !athlete.archived && (group.value === '' || athlete.groupIds.includes(group.value))))
const { squad } = useSquadReview(members, { from, to })
const query = computed(() => `from=${from.value}&to=${to.value}`)
const read = computed(() => squad.value.filter(row => row.found !== null).length)
async function save(as: 'csv' | 'json'): Promise<void> {
  const found = squad.value.flatMap(row => (row.found ? [row.found] : []))
  const name = `keen-anchor-review-${from.value}-${to.value}.${as}`
  if (as === 'json') return saveAsFile(name, JSON.stringify(found, null, 2), 'application/json')
  const all = found.flatMap(one => seriesRows(one).map(row => ({ athlete: one.athlete.name, ...row })))
  saveAsFile(name, await writeTable(all), 'text/csv')
}
</script>

<template>
  <div>
    <header class="flex flex-wrap items-baseline gap-x-3 gap-y-2 mb-3">
      <h1>Review</h1>
      <p class="text-quiet">
        {{ groups.find(one => one.id === group)?.name ?? 'everybody' }}, {{ from }} to {{ to }}
      </p>
      <span class="no-print ml-auto flex flex-wrap gap-2 items-center">
        <label class="flex gap-2 items-center">Squad
          <select
            class="field w-auto"
            :value="group"
            @change="set({ group: ($event.target as HTMLSelectElement).value || undefined })"
          >
            <option value="">everybody</option>
            <option
              v-for="one in groups"
              :key="one.id"
              :value="one.id"
            >{{ one.name }}</option>
          </select></label>
        <button
          v-for="weeks in [6, 12, 26]"
          :key="weeks"
          type="button"
          class="chip"
          @click="lastWeeks(weeks)"
        >{{ weeks }} weeks</button>
        <SeriesOut
          :disabled="read === 0"
          @save="save"
        />
      </span>
    </header>
    <RoomPage
      :readings="[roster]"
      :empty="members.length === 0 ? 'Nobody is in this squad yet.' : null"
      :next="['/athletes/table', 'Bring athletes in']"
      @retry="roster.load"
    >
      <section class="panel">
        <SquadTable
          :rows="squad"
          :query="query"
        />
        <p class="text-quiet mt-2">
          Load is session effort × minutes a week: context, not a forecast of injury.
        </p>
      </section>
    </RoomPage>
  </div>
</template>
