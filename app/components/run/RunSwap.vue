<script setup lang="ts">
import { formatDose } from '~~/core/dose'
import type { Swap } from '~~/shared/types'

/** What may be done instead of a drill, nearest first. */
defineProps<{
  name: string
  /** Null: they are on their way. */
  swaps: readonly Swap[] | null
  busy: boolean
  problem: string
}>()
const emit = defineEmits<{ take: [variationId: string], close: [] }>()
</script>

<template>
  <section
    class="panel"
    :aria-label="`Instead of ${name}`"
  >
    <h2 class="mb-2">
      Instead of {{ name.toLowerCase() }}
    </h2>
    <p
      v-if="problem"
      class="caution mb-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <p
      v-else-if="swaps === null"
      role="status"
    >
      Looking for what may be done instead …
    </p>
    <p v-else-if="swaps.length === 0">
      Nothing that may be done today serves the same. Skip it, or do it as it is.
    </p>
    <div class="flex flex-col gap-2 mb-2">
      <button
        v-for="one in swaps ?? []"
        :key="one.variationId"
        type="button"
        class="btn btn-floor justify-start text-left"
        :disabled="busy"
        @click="emit('take', one.variationId)"
      >
        <span>{{ one.name }}<br><span class="figure font-normal">{{ formatDose(one.dose, one.sides) }}</span></span>
      </button>
    </div>
    <button
      type="button"
      class="btn min-h-[48px]"
      @click="emit('close')"
    >
      Keep it
    </button>
  </section>
</template>
