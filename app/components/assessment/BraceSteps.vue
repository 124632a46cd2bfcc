<script setup lang="ts">
import { BRACE_STEPS, type BraceCheck } from '~~/core/assessment'

/** The steps of the brace course, which of them are passed, and the one that is looked at. */
const props = defineProps<{ step: number, reached: number, checks: readonly Pick<BraceCheck, 'step'>[] }>()
const emit = defineEmits<{ choose: [step: number] }>()

function standing(step: number): string {
  if (step <= props.reached) return 'passed'
  return props.checks.some(check => check.step === step) ? 'not yet' : ''
}
</script>

<template>
  <section class="panel">
    <h2 class="mb-1">
      The course
    </h2>
    <ol>
      <li
        v-for="one in BRACE_STEPS"
        :key="one.step"
      >
        <button
          type="button"
          class="w-full text-left grid grid-cols-[2rem_minmax(0,1fr)_auto] gap-2 items-center py-1.5 border-b
            border-line/60 hover:bg-chalk"
          :aria-pressed="step === one.step"
          @click="emit('choose', one.step)"
        >
          <span
            class="figure font-bold text-center rounded-full leading-7 h-7"
            :class="one.step === step ? 'bg-signal text-paper' : one.step <= reached ? 'bg-block text-paper'
              : 'bg-line'"
          >{{ one.step }}</span>
          <span class="leading-tight"><b>{{ one.name }}</b><br>
            <span class="text-quiet text-[0.92em]">{{ one.passes }}
            </span></span>
          <span class="text-quiet text-[0.9em]">{{ standing(one.step) }}</span>
        </button>
      </li>
    </ol>
  </section>
</template>
