<script setup lang="ts">
import { onMounted, useTemplateRef } from 'vue'
import { FLAGS, QUESTIONS, type Answers, type FlagId } from '~~/core/screening'

/** Two screening forms that met, side by side: only what they answer differently is asked. */
const props = defineProps<
  { who: string, mine: Answers, theirs: Answers | null, flags: readonly FlagId[], busy: boolean }
>()
const emit = defineEmits<{ choose: [answers: Answers], drop: [] }>()

const theirs = computed((): Answers => props.theirs ?? Object.fromEntries(props.flags.map(flag => [flag, true])))
const rows = computed(() =>
  QUESTIONS.filter(({ flag }) => (props.mine[flag] ?? false) !== (theirs.value[flag] ?? false))
)
const chosen = ref<Partial<Record<FlagId, boolean>>>({})
const word = (answer: boolean | undefined): string => (answer ? 'yes' : 'no')
const section = useTemplateRef('section')
// The form is long and was sent from its end: what must be chosen now comes into sight by itself.
onMounted(() => {
  section.value?.focus({ preventScroll: true })
  section.value?.scrollIntoView({ block: 'center' })
})
const open = computed(() => rows.value.some(({ flag }) => chosen.value[flag] === undefined))
</script>

<template>
  <section
    ref="section"
    tabindex="-1"
    class="caution"
    role="alert"
    aria-label="Two screenings"
  >
    <h2>{{ who }} answered meanwhile</h2>
    <p class="mb-2">
      Nothing of yours is stored yet. A red flag that stands stays until it is cleared, whatever is chosen here.
    </p>
    <table class="w-full max-w-3xl text-left border-collapse">
      <thead>
        <tr class="border-b border-ink">
          <th class="p-1">
            Question
          </th>
          <th class="p-1">
            {{ who }}
          </th>
          <th class="p-1">
            You
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="{ flag, text } in rows"
          :key="flag"
          class="border-b border-line"
        >
          <th
            scope="row"
            class="p-1 font-normal"
          >
            {{ text }} <span
              v-if="FLAGS[flag].kind === 'red'"
              class="problem"
            >red</span>
          </th>
          <td
            v-for="[value, name] in ([[theirs[flag] ?? false, who], [mine[flag] ?? false, 'You']] as const)"
            :key="name"
            class="p-1"
          >
            <button
              type="button"
              class="chip"
              :aria-pressed="chosen[flag] === value"
              :aria-label="`${name}: ${word(value)}. ${text}`"
              @click="chosen = { ...chosen, [flag]: value }"
            >
              {{ word(value) }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="flex gap-2 mt-2">
      <button
        type="button"
        class="btn btn-main"
        :disabled="busy || open"
        @click="emit('choose', { ...mine, ...chosen })"
      >
        Store what is chosen
      </button>
      <button
        type="button"
        class="btn"
        @click="emit('drop')"
      >
        Leave it as {{ who }} answered
      </button>
    </p>
  </section>
</template>
