<script setup lang="ts">
import type { Variation, OwnVariation } from '~~/core/catalogue'
import TextField from '~/components/common/TextField.vue'
import FaultsField from './FaultsField.vue'

/** What is said about a drill of one's own: set-up, stop sign, cues, faults. */
defineProps<{ draft: OwnVariation, problems: Readonly<Record<string, string>> }>()
const emit = defineEmits<{ put: [change: Partial<Variation>] }>()
</script>

<template>
  <section class="panel grid md:grid-cols-2 gap-3">
    <TextField
      :model-value="draft.setUp"
      label="Set-up"
      name="setUp"
      area
      :problem="problems.setUp"
      @update:model-value="emit('put', { setUp: $event })"
    />
    <TextField
      :model-value="draft.stopSign"
      label="Ends when"
      name="stopSign"
      area
      :problem="problems.stopSign"
      @update:model-value="emit('put', { stopSign: $event })"
    />
    <TextField
      :model-value="draft.cues.inside"
      label="Cue about the body"
      name="cue-inside"
      :problem="problems['cues.inside']"
      @update:model-value="emit('put', { cues: { ...draft.cues, inside: $event } })"
    />
    <TextField
      :model-value="draft.cues.outside"
      label="Cue about the world outside it"
      name="cue-outside"
      :problem="problems['cues.outside']"
      @update:model-value="emit('put', { cues: { ...draft.cues, outside: $event } })"
    />
    <FaultsField
      class="md:col-span-2"
      :faults="draft.faults"
      :problems="problems"
      @put="emit('put', { faults: $event })"
    />
  </section>
</template>
