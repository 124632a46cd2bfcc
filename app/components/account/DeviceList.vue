<script setup lang="ts">
import { inDays } from '~/words/inWords'
import { clockTime } from '~/words/clockWords'
import type { SignedInDevice } from '~~/shared/types'

/** Where somebody is signed in, and ending it there. */
defineProps<{ devices: readonly SignedInDevice[], busy: boolean }>()
const emit = defineEmits<{ end: [id: string], everywhere: [] }>()
const DAY_MS = 86_400_000

/** "today 09:40", "3 days ago". */
function when(at: string): string {
  const days = Math.round((new Date(at).setHours(12) - new Date().setHours(12)) / DAY_MS)
  return days === 0 ? `today ${clockTime(at)}` : inDays(days)
}
</script>

<template>
  <section class="panel flex flex-col gap-2">
    <h2>Devices</h2>
    <ul
      aria-label="Signed in on"
      class="flex flex-col divide-y divide-line"
    >
      <li
        v-for="one of devices"
        :key="one.id"
        class="flex items-center gap-3 py-1.5 min-h-[48px]"
      >
        <p class="mr-auto">
          {{ one.device }}<template v-if="one.own">, your own</template>
          <b v-if="one.here"> · this one</b><br>
          <span class="text-quiet">signed in {{ when(one.beganAt) }}, last used {{ when(one.seenAt) }}</span>
        </p>
        <button
          v-if="!one.here"
          type="button"
          class="btn"
          :disabled="busy"
          :aria-label="`Sign out there: ${one.device}, signed in ${when(one.beganAt)}`"
          @click="emit('end', one.id)"
        >
          Sign out there
        </button>
      </li>
    </ul>
    <p class="text-quiet">
      A device is signed out by itself after twelve hours without use, an athlete’s own after thirty days.
    </p>
    <button
      type="button"
      class="btn self-start"
      :disabled="busy"
      @click="emit('everywhere')"
    >
      Sign out everywhere, here too
    </button>
  </section>
</template>
