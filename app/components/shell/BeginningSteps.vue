<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'
import { nextStep, type BeginningStep } from '~/words/beginning'

/** The beginning, piece by piece: what is done, what comes next, and where. */
const props = defineProps<{
  steps: readonly BeginningStep[]
  squads: readonly string[]
  busy: boolean
  problem: string
}>()
const emit = defineEmits<{ addSquad: [name: string] }>()

const squad = ref('')
const next = computed(() => nextStep(props.steps)?.key ?? null)
const MARKS = { done: '✓', next: '→', later: '·' } as const
const markOf = ({ key, done }: BeginningStep): keyof typeof MARKS =>
  (done ? 'done' : key === next.value ? 'next' : 'later')
const WORDS = { done: 'done', next: 'next', later: 'later' } as const
/** Typed names stay until they are taken. */
watch(() => props.squads.length, () => { squad.value = '' })
</script>

<template>
  <ol class="grid gap-3 max-w-3xl">
    <li
      v-for="(step, i) in steps"
      :key="step.key"
      class="panel grid grid-cols-[2.2rem_minmax(0,1fr)_auto] gap-x-3 items-start"
      :class="step.key === next ? 'border-signal border-2' : ''"
    >
      <span
        class="figure text-[1.5rem] leading-none"
        :class="step.done ? '' : 'text-quiet'"
        aria-hidden="true"
      >{{ MARKS[markOf(step)] }}</span>
      <div>
        <h2>
          {{ i + 1 }}. {{ step.title }} <span
            v-if="step.done !== null"
            class="sr-only"
          >({{ WORDS[markOf(step)] }})</span>
        </h2>
        <p>{{ step.why }}</p>
        <p v-if="step.key === 'squad' && squads.length > 0">
          <b>{{ squads.join(', ') }}</b>
        </p>
        <form
          v-if="step.key === 'squad'"
          class="flex flex-wrap items-end gap-2 mt-2"
          novalidate
          @submit.prevent="squad.trim() !== '' && emit('addSquad', squad.trim())"
        >
          <TextField
            v-model="squad"
            label="Name of a squad"
            name="squad"
            :problem="problem"
          />
          <button
            type="submit"
            class="btn"
            :disabled="busy"
          >
            Add the squad
          </button>
        </form>
      </div>
      <NuxtLink
        v-if="step.room"
        class="btn"
        :class="step.key === next ? 'btn-main' : ''"
        :to="step.room.to"
      >{{ step.room.name }}</NuxtLink>
    </li>
  </ol>
</template>
