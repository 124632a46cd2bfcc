<script setup lang="ts">
import { changeText, type OtherWay } from '~~/core/progression'
import type { Catalogue } from '~~/core/catalogue'
import { TAKE_WORDS, USUAL_REASONS } from '~/words/decisionWords'
import type { DecisionRow } from '~~/shared/types'

/** What can be done with a decision: as it is proposed, or another way with a reason. */
const props = defineProps<{ row: DecisionRow, proposes: boolean, catalogue: Catalogue }>()
const emit = defineEmits<{ take: [way: number | null, reason: string] }>()

/** The way that a reason is asked for; null is the one that is proposed, where it would wait. */
const asking = ref<{ readonly way: number | null } | null>(null)
const reason = ref('')
const waits = computed(() => props.row.decision.waits !== null)

/** The second click of a double click would fall on the decision that has moved up. */
function choose(way: number | null, { detail }: MouseEvent): void {
  if (detail > 1) return
  if (way === null && !waits.value) emit('take', null, '')
  else asking.value = { way }
}
function decide(why: string): void {
  if (!asking.value || why.trim().length < 3) return
  emit('take', asking.value.way, why.trim())
  asking.value = null
  reason.value = ''
}
/** "longer sets instead, 5 → 7 repeats". */
function wayText({ text, to }: OtherWay): string {
  const change = changeText({ from: props.row.decision.from, to }, props.catalogue)
  return change ? `${text}, ${change}` : text
}
const main = computed(() => {
  const word = TAKE_WORDS[props.row.decision.kind]
  if (waits.value) return 'Take it now'
  return props.proposes ? `Propose: ${word.toLowerCase()}` : word
})
</script>

<template>
  <div
    v-if="!asking"
    class="flex flex-col items-end gap-1 text-right"
  >
    <button
      v-if="row.decision.kind !== 'stay'"
      type="button"
      class="btn"
      :class="waits ? '' : 'btn-main'"
      @click="choose(null, $event)"
    >
      {{ main }}
    </button>
    <button
      v-for="(other, i) in row.decision.others"
      :key="i"
      type="button"
      class="underline decoration-dotted underline-offset-2"
      @click="choose(i, $event)"
    >
      {{ wayText(other) }}
    </button>
    <NuxtLink
      v-if="row.decision.kind === 'refer'"
      class="underline decoration-dotted underline-offset-2"
      :to="`/athletes/${row.athlete.id}/screen`"
    >they were seen …</NuxtLink>
  </div>
  <form
    v-else
    class="flex flex-col gap-1.5"
    @submit.prevent="decide(reason)"
  >
    <p class="font-semibold">
      Why? <button
        type="button"
        class="underline font-normal"
        @click="asking = null"
      >
        back
      </button>
    </p>
    <div class="flex flex-wrap gap-1">
      <button
        v-for="usual in USUAL_REASONS"
        :key="usual"
        type="button"
        class="chip"
        @click="decide(usual)"
      >
        {{ usual }}
      </button>
    </div>
    <input
      v-model="reason"
      class="field"
      aria-label="Another reason"
      placeholder="in your words, Enter"
      maxlength="300"
    >
  </form>
</template>
