<script setup lang="ts">
import type { SessionEffort } from '~~/core/review'
import ScaleChoice from '~/components/run/ScaleChoice.vue'

/** How hard the session was as a whole: asked once, at its end. */
const props = defineProps<{ told: SessionEffort | null, minutes: number }>()
const emit = defineEmits<{ tell: [effort: number, minutes: number] }>()
const minutes = ref(String(props.minutes))
const read = computed(() => Math.round(Number(minutes.value.replace(',', '.'))))
const good = computed(() => read.value >= 1 && read.value <= 600)
</script>

<template>
  <p
    v-if="told"
    class="mb-2"
  >
    The session was a <b class="figure">{{ told.effort }}</b> of 10 over <b class="figure">{{ told.minutes }}</b> min.
  </p>
  <fieldset
    v-else
    class="panel mb-2"
  >
    <legend class="font-semibold float-left w-full mb-2">
      How hard was the whole session? 0 rest, 10 all there is
    </legend>
    <label
      for="session-minutes"
      class="flex items-center gap-2 mb-2 clear-both"
    >Minutes
      <input
        id="session-minutes"
        v-model="minutes"
        class="field figure w-20 min-h-[48px]"
        inputmode="numeric"
        :aria-invalid="good ? undefined : true"
      >
    </label>
    <p
      v-if="!good"
      class="problem"
      role="alert"
    >
      Minutes go from 1 to 600.
    </p>
    <ScaleChoice
      name="Session effort"
      :from="0"
      :to="10"
      :chosen="null"
      @choose="how => how !== null && good && emit('tell', how, read)"
    />
  </fieldset>
</template>
