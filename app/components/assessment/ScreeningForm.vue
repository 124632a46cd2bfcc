<script setup lang="ts">
import type { Catalogue } from '~~/core/catalogue'
import { CAUTION, consequencesOf, FLAGS, flagsFrom, QUESTIONS, type Answers, type FlagId } from '~~/core/screening'
import DraftNote from '~/components/common/DraftNote.vue'
import { useDraft } from '~/composables/useDraft'

/** The questions, one yes or no each, and at once what the answers take away. */
const props = defineProps<{
  start: Answers | null
  /** Where the device keeps answers that are not sent yet. */
  draftKey: string
  /** Red flags that were cleared: they are asked anew, and a yes stands again. */
  cleared?: readonly FlagId[]
  catalogue: Catalogue
  busy: boolean
  floor?: boolean
  problem: string
  submitText: string
}>()
const emit = defineEmits<{ send: [answers: Answers], typed: [] }>()

const answers = ref<Partial<Record<FlagId, boolean>>>(
  Object.fromEntries(Object.entries(props.start ?? {}).filter(([flag]) => !props.cleared?.includes(flag as FlagId))),
)
const draft = useDraft(props.draftKey, reactive({ answers }))
watch(draft.restored, back => back && emit('typed'))
const missing = ref<FlagId | null>(null)
const flags = computed(() => flagsFrom(answers.value))
const consequences = computed(() => consequencesOf(flags.value, props.catalogue))
const left = computed(() => QUESTIONS.filter(q => answers.value[q.flag] === undefined).length)

function answer(flag: FlagId, value: boolean): void {
  emit('typed')
  answers.value = { ...answers.value, [flag]: value }
  if (missing.value === flag) missing.value = null
}
/** No to all that is still open: read first, then said in one go. */
function restNo(): void {
  emit('typed')
  answers.value = { ...Object.fromEntries(QUESTIONS.map(q => [q.flag, false])), ...answers.value }
  missing.value = null
}
async function send(): Promise<void> {
  missing.value = QUESTIONS.find(q => answers.value[q.flag] === undefined)?.flag ?? null
  if (!missing.value) return emit('send', answers.value)
  await nextTick()
  document.getElementById(`ask-${missing.value}`)?.scrollIntoView({ block: 'center' })
}
</script>

<template>
  <form
    class="flex flex-col gap-3"
    novalidate
    @submit.prevent="send"
  >
    <p class="text-quiet">
      {{ CAUTION }}
    </p>
    <DraftNote
      :shown="draft.restored.value"
      @start-over="draft.startOver"
    />
    <fieldset
      v-for="question in QUESTIONS"
      :id="`ask-${question.flag}`"
      :key="question.flag"
      class="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line/60 pb-1.5"
    >
      <legend
        class="float-left flex-1 min-w-[16rem]"
        :class="floor ? 'text-[1.05rem]' : ''"
      >
        {{ question.text }}
        <span
          v-if="cleared?.includes(question.flag)"
          class="block text-[0.92em] text-quiet"
        >Cleared once: say yes only if it has come back.</span>
        <span
          v-if="answers[question.flag]"
          class="block text-[0.92em]"
          :class="FLAGS[question.flag].kind === 'red' ? 'problem' : 'text-quiet'"
        >{{ FLAGS[question.flag].means }}</span>
        <span
          v-if="missing === question.flag"
          class="problem block"
          role="alert"
        >Answer yes or no.</span>
      </legend>
      <span class="flex gap-1.5 ml-auto">
        <button
          v-for="[value, word] in ([[true, 'yes'], [false, 'no']] as const)"
          :key="word"
          type="button"
          class="chip"
          :class="floor ? 'chip-floor' : 'min-w-[3.2rem] justify-center'"
          :aria-pressed="answers[question.flag] === value"
          :aria-label="`${word}: ${question.text}`"
          @click="answer(question.flag, value)"
        >
          {{ word }}
        </button>
      </span>
    </fieldset>
    <p
      v-if="left > 0"
      class="text-right"
    >
      <button
        type="button"
        class="underline underline-offset-2 min-h-[32px]"
        @click="restNo"
      >
        No to the {{ left }} that {{ left === 1 ? 'is' : 'are' }} still open
      </button>
    </p>
    <div
      role="status"
      :class="consequences.refer || consequences.drills > 0 ? 'caution' : 'text-quiet'"
    >
      <template v-if="consequences.refer">
        <b>See a clinician first.</b> No programme is given until a coach has written down that it is cleared.
      </template>
      <template v-else-if="consequences.drills > 0">
        Takes away: {{ consequences.takesAway.join(', ') }}; {{ consequences.drills }} drills,
        {{ consequences.replaced }} of them with a replacement for the same action.
      </template>
      <template v-else>
        Nothing is taken away.
      </template>
    </div>
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
    <button
      type="submit"
      class="btn btn-main"
      :class="floor ? 'btn-floor' : 'w-fit'"
      :disabled="busy"
    >
      {{ submitText }}
    </button>
  </form>
</template>
