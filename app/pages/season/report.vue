<script setup lang="ts">
import { storeToRefs } from 'pinia'
import { NO_EXCEPTIONS, seasonInstance } from '~~/core/season'
import RoomPage from '~/components/common/RoomPage.vue'
import SeasonReport from '~/components/season/SeasonReport.vue'
import { useRosterStore } from '~/stores/roster'
import { useSeasonStore } from '~/stores/season'
import { useSignInStore } from '~/stores/signIn'

useHead({ title: 'Season report · Keen Anchor' })

const route = useRoute()
const signedIn = useSignInStore()
const roster = useRosterStore()
const store = useSeasonStore()
const { all } = storeToRefs(store)
onMounted(() => Promise.all([store.load(), roster.load()]))

const groupId = computed(() => String(route.query.group ?? ''))
const athleteId = computed(() => (route.query.athlete ? String(route.query.athlete) : null))
const reader = ref<'athlete' | 'staff'>(athleteId.value ? 'athlete' : 'staff')
const season = computed(() => all.value?.seasons.find(one => one.groupId === groupId.value) ?? null)
const own = computed(() =>
  all.value?.athletes.find(one => one.groupId === groupId.value && one.athleteId === athleteId.value) ?? null
)
const skips = computed(() => new Set(own.value?.exceptions.skips ?? []))
const entries = computed(() =>
  (all.value?.entries ?? []).filter(e =>
    !e.cancelled && !skips.value.has(e.id) && (e.groupId === null || e.groupId === groupId.value)
  )
)
const name = computed(() =>
  roster.rows.find(row => row.athlete.id === athleteId.value)?.athlete.name ?? all.value?.groups.find(g =>
    g.id === groupId.value
  )?.name ?? ''
)
const print = (): void => window.print()
</script>

<template>
  <div v-if="signedIn.me">
    <p class="no-print flex flex-wrap gap-2 items-center mb-3">
      <NuxtLink
        class="btn"
        :to="`/season?group=${groupId}${athleteId ? `&athlete=${athleteId}` : ''}`"
      >Season line</NuxtLink>
      <button
        v-for="(text, id) in { athlete: 'For the athlete', staff: 'For the staff' }"
        :key="id"
        type="button"
        class="chip"
        :aria-pressed="reader === id"
        @click="reader = id"
      >
        {{ text }}
      </button>
      <button
        type="button"
        class="btn btn-main"
        @click="print"
      >
        Print or save as PDF
      </button>
    </p>
    <RoomPage
      :readings="[store]"
      :empty="season ? null : 'This squad has no season yet.'"
      :next="['/season', 'Plan one']"
      @retry="store.again"
    >
      <SeasonReport
        v-if="season"
        :name="name"
        :shape="season.shape"
        :plan="own?.plan ?? season.plan"
        :instance="seasonInstance(season.shape, entries, own?.exceptions ?? NO_EXCEPTIONS)"
        :entries="entries"
        :today="signedIn.me.today"
        :reader="reader"
        :zone="all!.timeZone"
      />
    </RoomPage>
  </div>
</template>
