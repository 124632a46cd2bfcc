<script setup lang="ts">
import { addDays } from '~~/core/calendar'
import { placeAll, type WeakLink } from '~~/core/assessment'
import type { TrunkAction } from '~~/core/catalogue'
import { screenOf } from '~~/shared/planningContext'
import { messageOf } from '~/api/call'
import { fetchHistory } from '~/api/athletes'
import AthleteTabs from '~/components/athlete/AthleteTabs.vue'
import PlacementList from '~/components/assessment/PlacementList.vue'
import TestResults from '~/components/assessment/TestResults.vue'
import WeakLinks from '~/components/assessment/WeakLinks.vue'
import StatePanel from '~/components/common/StatePanel.vue'
import { inputOf } from '~/composables/athleteWords'
import { useCatalogue } from '~/composables/useCatalogue'
import { useAssessmentStore } from '~/stores/assessment'
import { useRosterStore } from '~/stores/roster'
import { useSessionStore } from '~/stores/session'
import type { History } from '~~/shared/types'

const route = useRoute()
const session = useSessionStore()
const roster = useRosterStore()
const store = useAssessmentStore()
const catalogue = useCatalogue()
const id = computed(() => String(route.params.id))
const editable = computed(() => session.me?.role === 'headCoach' || session.me?.role === 'coach')
const history = shallowRef<History | null>(null)
/** Days of logged sets that gates are read from. */
const GATE_DAYS = 120
async function load(): Promise<void> {
  roster.lastAthleteId = id.value
  await store.load(id.value)
  history.value = await fetchHistory(id.value, addDays(session.me!.today, -GATE_DAYS)).catch(() => null)
}
watch(id, load, { immediate: import.meta.client })
useHead({ title: () => `Tests, ${store.athlete?.name ?? ''} · Keen Anchor` })

const screen = computed(() => screenOf(store.athlete!, session.me!.today, catalogue.value))
const person = computed(() => ({ sex: store.athlete!.sex, ageYears: screen.value.ageYears }))
const placements = computed(() => placeAll(screen.value, store.found!.trials, history.value?.logs ?? []))

const busy = ref(false)
const problem = ref('')
async function attempt(work: () => Promise<unknown>): Promise<void> {
  if (busy.value) return
  busy.value = true
  problem.value = ''
  try {
    await work()
  }
  catch (error) {
    problem.value = messageOf(error)
    await store.load(id.value)
  }
  finally {
    busy.value = false
  }
}
const place = (ladder: string, rung: number, reason: string) =>
  attempt(() => store.place(id.value, { version: store.athlete!.version, ladder, rung, reason: reason.slice(0, 300) }))
const take = (link: WeakLink) => attempt(async () => {
  const { id: key, version } = store.athlete!
  store.athlete = await roster.save(key, version, { ...inputOf(store.athlete!), weakLink: link.place as TrunkAction, weakSide: link.side })
})
</script>

<template>
  <div v-if="session.me">
    <StatePanel
      v-if="store.state === 'failed'"
      state="failed"
      :text="store.problem"
      @retry="load"
    />
    <StatePanel
      v-else-if="store.state !== 'ready' || store.athlete?.id !== id || !store.found"
      state="loading"
    />
    <template v-else>
      <header class="flex flex-wrap items-baseline gap-x-4 mb-1">
        <h1 class="mr-auto">
          {{ store.athlete.name }}
        </h1>
        <NuxtLink
          to="/tests"
          class="btn btn-main"
        >
          Test desk
        </NuxtLink>
      </header>
      <AthleteTabs :id="id" />
      <div class="grid lg:grid-cols-2 gap-4 items-start">
        <div class="flex flex-col gap-4">
          <WeakLinks
            class="panel"
            :trials="store.found.trials"
            :person="person"
            :screen="screen"
            :catalogue="catalogue"
            :athlete-id="id"
            :present="store.athlete.weakLink"
            :editable="editable"
            @take="take"
          />
          <TestResults
            class="panel"
            :trials="store.found.trials"
            :errors="store.found.errors"
            :person="person"
            :editable="session.me.role !== 'athlete'"
            @withdraw="attempt(() => store.withdrawTrial($event, id))"
          />
        </div>
        <PlacementList
          class="panel"
          :placements="placements"
          :rungs="store.athlete.rungs"
          :catalogue="catalogue"
          :editable="editable"
          :busy="busy"
          :problem="problem"
          @place="place"
        />
      </div>
    </template>
  </div>
</template>
