<script setup lang="ts">
import { weekdayOf } from '~~/core/calendar'
import { PHASES } from '~~/core/policy'
import type { SeasonWeek } from '~~/core/season'
import { ENTRY_NAME } from '~/words/seasonWords'
import type { StoredEntry } from '~~/shared/types'

/** What kind of day it is for whoever trains, why, and what else is on. */
const props = defineProps<{ day: string, season: SeasonWeek | null, entries: readonly StoredEntry[] }>()
const today = computed(() => props.season?.days[weekdayOf(props.day)] ?? null)
/** What is on by another clock than the reader's, by key; who is at home needs none of the reckoning. */
const clocks = ref<Readonly<Record<string, string>>>({})
onMounted(async () => {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  const away = props.entries.filter(entry => entry.startsAt && entry.timeZone !== zone)
  if (away.length === 0) return
  const { yourClock } = await import('~/words/yourClock')
  clocks.value = Object.fromEntries(away.map(entry =>
    [entry.id, yourClock(props.day, entry.startsAt!, entry.timeZone, zone)]))
})
</script>

<template>
  <div class="mb-3">
    <p v-if="season && today">
      <b>{{ today.kind === 'off' ? 'Free day'
        : `${today.kind.charAt(0).toUpperCase()}${today.kind.slice(1)} day` }}</b>: {{ today.why }}
      <NuxtLink
        to="/my-season"
        class="underline underline-offset-2 inline-flex min-h-[48px] items-center"
      >{{ PHASES[season.phase].name }}, week {{ season.weekOfPhase }} of {{ season.weeksOfPhase }}</NuxtLink>
    </p>
    <ul v-if="entries.length > 0">
      <li
        v-for="entry in entries"
        :key="entry.id"
      >
        <span class="figure">{{ entry.startsAt ?? 'all day' }}</span> <b>{{ entry.name }}</b>&nbsp;
        <span class="text-quiet">{{ ENTRY_NAME[entry.kind] }}<template v-if="clocks[entry.id]">,
          {{ clocks[entry.id] }}</template></span>
      </li>
    </ul>
  </div>
</template>
