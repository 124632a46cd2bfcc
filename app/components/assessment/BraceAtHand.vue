<script setup lang="ts">
import { BRACE_STEPS, type BraceCue } from '~~/core/assessment'
import type { BraceCheckInput } from '~~/shared/types'
import BraceCheckForm from '~/components/assessment/BraceCheckForm.vue'
import BraceTrainer from '~/components/assessment/BraceTrainer.vue'

/** One step of the brace: practised by the trainer, and checked. */
defineProps<
  {
    step: number
    reached: number
    /** Weeks since the march began. */
    weeks: number
    cue: BraceCue
    today: string
    busy: boolean
    problem: string
    said: string
    /** What the draft of a check is kept under. */
    checkKey: string
  }
>()
const emit = defineEmits<{ check: [input: BraceCheckInput] }>()
</script>

<template>
  <section
    class="panel"
  >
    <h2 class="mb-1">
      Step {{ step }}: {{ BRACE_STEPS[step - 1]!.name.toLowerCase() }}
    </h2>
    <p
      v-if="step > reached + 1"
      class="caution mb-2"
    >
      Step {{ reached + 1 }} comes first: a check here is stored and leads no further.
    </p>
    <BraceTrainer
      :key="step"
      :step="step"
      :weeks="weeks"
      :cue="cue"
    />
    <h3 class="mt-4 mb-1">
      Check
    </h3>
    <BraceCheckForm
      :key="checkKey"
      :step="step"
      :today="today"
      :busy="busy"
      :draft-key="checkKey"
      @check="emit('check', $event)"
    />
    <p
      v-if="problem"
      class="caution mt-2"
      role="alert"
    >
      {{ problem }}
    </p>
    <p
      v-if="said"
      class="mt-2"
      role="status"
    >
      <b>{{ said }}</b>
    </p>
  </section>
</template>
