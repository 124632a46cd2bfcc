<script setup lang="ts">
import { shortDay, dayMonth } from '~/words/inWords'
import type { SeasonNotice } from '~~/shared/types'

/** What was changed since yesterday, with every day and its reason. */
defineProps<{ notices: readonly SeasonNotice[], today: string }>()
const MOST = 6
const month = (day: string): string => dayMonth(day).split(' ')[1]!
</script>

<template>
  <section aria-label="Changed since yesterday">
    <h2>Changed since yesterday</h2>
    <div
      v-for="notice in notices"
      :key="notice.id"
      class="border-l-4 border-signal pl-3 my-2"
    >
      <p><b>{{ notice.title }}</b><span class="text-quiet ml-2">{{ notice.by }}</span></p>
      <ul>
        <li
          v-for="day in notice.days.filter(d => d.day >= today).slice(0, MOST)"
          :key="day.day"
        >
          {{ shortDay(day.day) }} {{ month(day.day) }}: {{ day.from }} → <b>{{ day.to }}</b>.
          <span class="text-quiet">{{ day.reason }}</span>
        </li>
      </ul>
      <p
        v-if="notice.days.filter(d => d.day >= today).length > MOST"
        class="text-quiet"
      >
        … and {{ notice.days.filter(d => d.day >= today).length - MOST }} more days.
      </p>
      <p
        v-if="notice.days.length === 0"
        class="text-quiet"
      >
        No day of the plan changes by it.
      </p>
    </div>
  </section>
</template>
