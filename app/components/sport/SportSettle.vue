<script setup lang="ts">
import TextField from '~/components/common/TextField.vue'

/** A sport that was changed: why, and whether it is settled; one that is settled goes back to ours. */
defineProps<{
  why: string
  changed: boolean
  settled: boolean
  whyMissing: string
  told: string
  problem: string
  busy: boolean
}>()
const emit = defineEmits<{ say: [why: string], save: [], leave: [], takeBack: [] }>()
</script>

<template>
  <section
    class="panel border-signal sticky bottom-0 z-10 mt-3"
    aria-label="What changes"
  >
    <p
      v-if="told"
      role="status"
    >
      {{ told }}
    </p>
    <p
      v-if="problem"
      class="caution"
      role="alert"
    >
      {{ problem }}
    </p>
    <div class="flex flex-wrap items-end gap-3">
      <template v-if="changed">
        <TextField
          class="flex-1 min-w-64"
          label="Why"
          name="why"
          :problem="whyMissing"
          :model-value="why"
          @update:model-value="emit('say', $event)"
        />
        <button
          type="button"
          class="btn btn-main"
          :disabled="busy"
          @click="emit('save')"
        >
          Settle for everybody
        </button>
        <button
          type="button"
          class="btn"
          @click="emit('leave')"
        >
          Leave it
        </button>
      </template>
      <button
        v-else-if="settled"
        type="button"
        class="btn"
        :disabled="busy"
        @click="emit('takeBack')"
      >
        Back to ours
      </button>
    </div>
  </section>
</template>
