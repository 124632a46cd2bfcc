<script setup lang="ts">
import WeekStep from '~/components/week/WeekStep.vue'

/** Which weeks are asked for, and whose lifts they may begin with. */
defineProps<{ like: string | null, busy: boolean }>()
const emit = defineEmits<{ copy: [] }>()
const startsOn = defineModel<string>('startsOn', { required: true })
const weeks = defineModel<number>('weeks', { required: true })
</script>

<template>
  <div class="flex flex-wrap items-center gap-2 mb-2">
    <h2>Lift days</h2>
    <WeekStep v-model="startsOn" />
    <label class="flex items-center gap-1.5">
      for
      <select
        v-model.number="weeks"
        class="field w-auto"
      >
        <option
          v-for="n in 8"
          :key="n"
          :value="n"
        >
          {{ n }} {{ n === 1 ? 'week' : 'weeks' }}
        </option>
      </select>
    </label>
    <button
      v-if="like !== null"
      type="button"
      class="btn ml-auto"
      :disabled="busy"
      @click="emit('copy')"
    >
      Copy from {{ like }}’s last week
    </button>
  </div>
</template>
