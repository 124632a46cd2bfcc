<script setup lang="ts">
import type { PlanRun } from '~~/shared/types'
import { weekSpan } from '~/words/inWords'

/** Runs over a squad that were asked for lately. */
defineProps<{ runs: readonly Pick<PlanRun, 'id' | 'startsOn' | 'weeks' | 'askedBy' | 'cancelled'>[] }>()
const emit = defineEmits<{ open: [id: string] }>()
</script>

<template>
  <section
    class="panel"
  >
    <h2>Planned lately</h2>
    <ul>
      <li
        v-for="run in runs"
        :key="run.id"
      >
        <button
          type="button"
          class="underline underline-offset-2 py-0.5"
          @click="emit('open', run.id)"
        >
          {{ weekSpan(run.startsOn) }}<template v-if="run.weeks > 1">
            and {{ run.weeks - 1 }} more
          </template>, asked by {{ run.askedBy }}<template v-if="run.cancelled">
            , cancelled
          </template>
        </button>
      </li>
    </ul>
  </section>
</template>
