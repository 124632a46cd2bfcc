<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { alertText } from '~/words/safetyWords'
import type { HealthAlert } from '~~/shared/types'

/** What was told of health, newest first, each a step from what is to be done about it. */
defineProps<{ alerts: readonly HealthAlert[], catalogue: Catalogue, timeZone?: string }>()

const said = (at: string): string =>
  new Date(at).toLocaleString('en-GB', { weekday: 'short', hour: '2-digit', minute: '2-digit' })
const to = (
  { athleteId, kind }: HealthAlert,
): string => (kind === 'pain' || kind === 'painTwice' ? `/athletes/${athleteId}#pain` : `/athletes/${athleteId}/screen`)
</script>

<template>
  <ul>
    <li
      v-for="one in alerts"
      :key="one.id"
      class="flex flex-wrap gap-x-3 items-baseline border-b border-line/60 py-1"
    >
      <span class="figure text-quiet w-[5.5rem]">{{ said(one.at) }}</span>
      <NuxtLink
        :to="to(one)"
        class="underline decoration-dotted underline-offset-2"
      ><b>{{ one.athleteName }}</b></NuxtLink>
      <span
        :class="one.settled || one.kind === 'cleared' ? 'text-quiet' : one.kind === 'limits' ? ''
          : 'problem'"
      >{{ alertText(one, catalogue) }}</span>
      <span
        v-if="one.settled"
        class="text-quiet"
      >settled</span>
      <span
        v-else-if="one.told.length > 0 && one.kind !== 'cleared'"
        class="text-quiet ml-auto"
      >told: {{ one.told.join(', ') }}</span>
    </li>
  </ul>
</template>
