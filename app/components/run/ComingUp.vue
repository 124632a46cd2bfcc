<script setup lang="ts">
import type { Today } from '~~/shared/types'
import { longDay } from '~/words/inWords'

/** The next days with something on them. */
defineProps<{ days: Today['nextDays'] }>()
</script>

<template>
  <section>
    <h2>Coming up</h2>
    <ul>
      <li
        v-for="next in days"
        :key="next.sessionId"
      >
        {{ longDay(next.day) }}: {{ next.drills }} {{ next.drills === 1 ? 'drill' : 'drills' }}
      </li>
    </ul>
  </section>
</template>
