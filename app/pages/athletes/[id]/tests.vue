<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { placeAll, type WeakLink } from '~~/core/assessment'
import type { TrunkAction } from '~~/core/catalogue'
import type { History } from '~~/shared/types'
import { fetchHistory } from '~/api/athletes'
import AthleteRoom from '~/components/athlete/AthleteRoom.vue'
import PlacementList from '~/components/assessment/PlacementList.vue'
import TestResults from '~/components/assessment/TestResults.vue'
import WeakLinks from '~/components/assessment/WeakLinks.vue'
import { inputOf } from '~/composables/athleteWords'
import { useAthleteRoom } from '~/composables/useAthleteRoom'
import { useAttempt } from '~/composables/useAttempt'

/** Days of logged sets that gates are read from. */
const GATE_DAYS = 120
const history = shallowRef<History | null>(null)
const { id, editable, load, ready, today, screen, session, roster, store, catalogue } = useAthleteRoom('Tests', async (key) => {
  history.value = null
  history.value = await fetchHistory(key, addDays(today.value, -GATE_DAYS)).catch(() => null)
})
const person = computed(() => ({ sex: store.athlete!.sex, ageYears: screen.value.ageYears }))
const placements = computed(() => placeAll(screen.value, store.found!.trials, history.value?.logs ?? []))

const { busy, problem, attempt } = useAttempt()
/** What was refused because somebody else came first is shown as it stands now. */
async function change(work: () => Promise<unknown>): Promise<void> {
  if (!busy.value && !await attempt(work)) await store.load(id.value)
}
const place = (ladder: string, rung: number, reason: string) =>
  change(() => store.place(id.value, { version: store.athlete!.version, ladder, rung, reason: reason.slice(0, 300) }))
const take = (link: WeakLink) => change(async () => {
  const { id: key, version } = store.athlete!
  store.athlete = await roster.save(key, version, { ...inputOf(store.athlete!), weakLink: link.place as TrunkAction, weakSide: link.side })
})
</script>

<template>
  <AthleteRoom
    v-if="session.me"
    :id="id"
    :name="store.athlete?.name ?? ''"
    :state="store.state === 'failed' ? 'failed' : ready ? 'ready' : 'loading'"
    :problem="store.problem"
    @retry="load"
  >
    <template #actions>
      <NuxtLink
        to="/tests"
        class="btn btn-main"
      >
        Test desk
      </NuxtLink>
    </template>
    <div class="grid lg:grid-cols-2 gap-4 items-start">
      <div class="flex flex-col gap-4">
        <WeakLinks
          class="panel"
          :trials="store.found!.trials"
          :person="person"
          :screen="screen"
          :catalogue="catalogue"
          :athlete-id="id"
          :present="store.athlete!.weakLink"
          :editable="editable"
          @take="take"
        />
        <TestResults
          class="panel"
          :trials="store.found!.trials"
          :errors="store.found!.errors"
          :person="person"
          :editable="session.me.role !== 'athlete'"
          @withdraw="change(() => store.withdrawTrial($event, id))"
        />
      </div>
      <PlacementList
        class="panel"
        :placements="placements"
        :rungs="store.athlete!.rungs"
        :catalogue="catalogue"
        :editable="editable"
        :busy="busy"
        :problem="problem"
        @place="place"
      />
    </div>
  </AthleteRoom>
</template>
