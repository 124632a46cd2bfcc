<script setup lang="ts">
import { useBeep } from '~/composables/useBeep'
import { useStopwatch } from '~/composables/useStopwatch'

/** Counts a rest down and says when it is over. */
const props = defineProps<{ seconds: number, next: string }>()
const emit = defineEmits<{ over: [] }>()

const { elapsedS, start } = useStopwatch()
const { beep } = useBeep()
const leftS = computed(() => Math.max(0, Math.ceil(props.seconds - elapsedS.value)))
onMounted(start)
watch(leftS, (left) => {
  if (left > 0) return
  beep(660)
  emit('over')
})
</script>

<template>
  <div class="text-center">
    <p class="text-[1.2rem]">
      Rest
    </p>
    <p
      class="figure font-bold leading-none text-[7rem]"
      role="timer"
      :aria-label="`${leftS} seconds of rest left`"
    >
      {{ leftS }}
    </p>
    <p class="mb-3">
      Next: {{ next }}
    </p>
    <button
      type="button"
      class="btn btn-floor"
      @click="emit('over')"
    >
      Go on now
    </button>
  </div>
</template>
