<script setup lang="ts">
import type { PolicyChange } from '~~/core/policy'
import type { PlanDifference } from '~~/core/programme'
import PlanChange from '~/components/policy/PlanChange.vue'

/** What a changed rule comes to, and whether it is settled. */
defineProps<
  {
    scope: string
    /** Whose week shows what the change does. */
    example: string | null
    changed: boolean
    told: string
    lines: readonly PolicyChange[]
    difference: PlanDifference | null
    shownFor: string
    busy: boolean
    problem: string
  }
>()
const emit = defineEmits<{ show: [], accept: [], leave: [] }>()
</script>

<template>
  <section
    class="panel border-signal sticky bottom-0 z-10 max-h-[46vh] overflow-y-auto"
    aria-label="What changes"
  >
    <p
      v-if="told"
      role="status"
    >
      {{ told }}
    </p>
    <template v-if="changed">
      <PlanChange
        :name="shownFor"
        :lines="lines"
        :difference="difference"
      />
      <p
        v-if="problem"
        class="caution mt-2"
        role="alert"
      >
        {{ problem }}
      </p>
      <div class="flex flex-wrap gap-3 mt-2">
        <button
          type="button"
          class="btn"
          :disabled="busy || !example"
          @click="emit('show')"
        >
          What would change for {{ example ?? 'nobody' }}?
        </button>
        <button
          type="button"
          class="btn btn-main"
          :disabled="busy"
          @click="emit('accept')"
        >
          Settle it for {{ scope }}
        </button>
        <button
          type="button"
          class="btn"
          :disabled="busy"
          @click="emit('leave')"
        >
          Leave it as it is
        </button>
      </div>
    </template>
  </section>
</template>
