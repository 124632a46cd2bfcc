<script setup lang="ts">
import { clockTime } from '~/words/clockWords'
import type { TrainingStop } from '~~/shared/types'

/** Training is stopped: since when, who knows, what to do. Sets that were done before can still be written down. */
defineProps<{ stop: TrainingStop }>()
</script>

<template>
  <section
    class="border-4 border-signal bg-paper p-4"
    role="alert"
  >
    <h1 class="text-[2rem] leading-tight mb-2">
      Stop. No training now.
    </h1>
    <p class="mb-3 text-[1.1rem]">
      You reported something that a clinician looks at first.
    </p>
    <ol class="list-decimal pl-5 mb-3 text-[1.1rem] flex flex-col gap-1">
      <li>Stop what you are doing and sit down.</li>
      <li>Is it there now, or getting worse? Call your local emergency number.</li>
      <li>Otherwise see a clinician today.</li>
    </ol>
    <p>
      <b>{{ stop.told.length > 0 ? `Told at ${clockTime(stop.since)}: ${stop.told.join(', ')}.`
        : 'Tell your coach at once.' }}</b>
      Your sessions are kept and come back when you are cleared.
    </p>
    <p class="text-quiet text-[0.9em] mt-3">
      Not medical advice. Your clinician and local rules go first.
    </p>
    <slot />
  </section>
</template>
