<script setup lang="ts">
import type { Units } from '~~/shared/types'
import type { LoggedStep, SetOutcome } from '~/composables/runSteps'
import { loggedText } from '~/words/setWords'
import ScaleChoice from '~/components/run/ScaleChoice.vue'
import SetLogForm from '~/components/run/SetLogForm.vue'

/** The set that was just logged: how hard it was by one tap, and whatever else has to be put right. */
defineProps<{ last: LoggedStep, units: Units, scores: boolean }>()
const emit = defineEmits<{ right: [outcome: Partial<SetOutcome>] }>()
const open = ref(false)
function right(outcome: SetOutcome): void {
  open.value = false
  emit('right', outcome)
}
</script>

<template>
  <section
    class="panel text-left"
    aria-label="The set before"
  >
    <p class="flex items-center gap-2 mb-2">
      <span class="mr-auto">{{ loggedText(last) }}</span>
      <button
        type="button"
        class="btn min-h-[48px]"
        :aria-expanded="open"
        @click="open = !open"
      >
        {{ open ? 'As it was' : 'Change it' }}
      </button>
    </p>
    <SetLogForm
      v-if="open"
      :step="last.step"
      :amount="last.log.amount"
      :setting="last.log.setting"
      :units="units"
      :scores="scores"
      :hurts="false"
      :logged="last.log"
      @log="right"
      @back="open = false"
    />
    <fieldset v-else>
      <legend class="mb-1 text-quiet">
        How hard, of 10?
      </legend>
      <ScaleChoice
        name="Effort"
        :from="0"
        :to="10"
        :chosen="last.log.effort"
        @choose="emit('right', { effort: $event })"
      />
    </fieldset>
  </section>
</template>
