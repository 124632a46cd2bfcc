<script setup lang="ts">
import { SPORT_PROFILE_IDS, SPORT_PROFILES, type SportProfileId } from '~~/core/programme'
import RoomPage from '~/components/common/RoomPage.vue'
import SportLeaning from '~/components/sport/SportLeaning.vue'
import SportPositions from '~/components/sport/SportPositions.vue'
import SportSettle from '~/components/sport/SportSettle.vue'
import SportShares from '~/components/sport/SportShares.vue'
import SportTimes from '~/components/sport/SportTimes.vue'
import { useAttempt } from '~/composables/useAttempt'
import { useMay } from '~/composables/useMay'
import { useSportDraft } from '~/composables/useSportDraft'
import { useRosterStore } from '~/stores/roster'
import { useSignInStore } from '~/stores/signIn'
import { useSportsStore } from '~/stores/sports'

useHead({ title: 'Sports · Keen Anchor' })

const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSportsStore()
const route = useRoute()
const { govern: editable } = useMay()
onMounted(async () => { await Promise.all([roster.load(), store.load()]) })

const ours = computed(() => new Set(roster.rows.map(row => row.athlete.sport)))
/** The sport in the address, else the first that anybody here does. */
const id = computed((): SportProfileId => {
  const asked = SPORT_PROFILE_IDS.find(one => one === route.query.sport)
  return asked ?? SPORT_PROFILE_IDS.find(one => ours.value.has(one)) ?? 'general'
})
const edits = computed(() => store.stored.edits)
const {
  draft, changed, ours: unedited, sport, setShare, setTimes, toggleFault, togglePosture, toggleMode, setWeeks, say,
  leave,
} = useSportDraft(edits, id)

const { busy, problem, attempt } = useAttempt()
const told = ref('')
const whyMissing = ref('')
watch(id, () => { told.value = '' })
watch(changed, (begun) => {
  whyMissing.value = ''
  if (begun) told.value = ''
})
const save = () => attempt(async () => {
  if (draft.value.why.trim() === '') {
    whyMissing.value = 'Say why, for whoever reads it next year.'
    return
  }
  await store.save(id.value, draft.value)
  told.value = 'Settled for everybody. Weeks that are planned from now on follow it; assigned ones stay.'
})
const takeBack = () => attempt(async () => {
  await store.save(id.value, null)
  told.value = 'As it was before the organisation changed it.'
})
</script>

<template>
  <div v-if="signedIn.me">
    <header class="flex flex-wrap items-baseline gap-x-4 mb-2">
      <h1>Sports</h1>
      <p class="text-quiet">
        What each asks of a trunk and of a week, line by line, and why.
      </p>
    </header>
    <RoomPage
      :readings="[store]"
      @retry="store.again"
    >
      <nav
        aria-label="Sports"
        class="flex flex-wrap gap-1.5 mb-3"
      >
        <NuxtLink
          v-for="one in SPORT_PROFILE_IDS"
          :key="one"
          :to="{ path: '/sports', query: { sport: one } }"
          class="chip"
          :aria-current="one === id ? 'page' : undefined"
        >
          <b v-if="ours.has(one)">{{ SPORT_PROFILES[one].name }}</b>
          <template v-else>
            {{ SPORT_PROFILES[one].name }}
          </template>
          <span
            v-if="edits[one]"
            title="Changed here"
          >*</span>
        </NuxtLink>
      </nav>
      <p class="mb-2">
        <b>{{ sport.name }}.</b> {{ sport.why }}
        <span
          v-if="edits[id]"
          class="text-quiet"
        >Changed for this organisation: {{ edits[id]!.why }}</span>
      </p>
      <div class="grid xl:grid-cols-[minmax(0,1.1fr)_minmax(0,1fr)] gap-3 items-start">
        <div class="grid gap-3">
          <SportShares
            :sport="sport"
            :ours="unedited"
            :editable="editable"
            @put="setShare"
          />
          <SportPositions :sport="id" />
        </div>
        <div class="grid gap-3">
          <SportTimes
            :sport="sport"
            :ours="unedited"
            :editable="editable"
            @put="setTimes"
          />
          <SportLeaning
            :sport="sport"
            :editable="editable"
            @fault="toggleFault"
            @posture="togglePosture"
            @mode="toggleMode"
            @weeks="setWeeks"
          />
        </div>
      </div>
      <SportSettle
        v-if="editable && (changed || told || problem || edits[id])"
        :why="draft.why"
        :changed="changed"
        :settled="edits[id] !== undefined"
        :why-missing="whyMissing"
        :told="told"
        :problem="problem"
        :busy="busy"
        @say="say"
        @save="save"
        @leave="leave"
        @take-back="takeBack"
      />
    </RoomPage>
  </div>
</template>
