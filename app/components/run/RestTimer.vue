<script setup lang="ts">
import { inTime } from '~~/core/timer'
import TimerRing from '~/components/run/TimerRing.vue'
import { useTimer } from '~/composables/useTimer'

/** Counts a rest down and says when it is over. */
const props = defineProps<{ seconds: number, next: string }>()
const emit = defineEmits<{ over: [] }>()

const phases = inTime([{ kind: 'rest', word: 'rest', seconds: props.seconds, count: null }])
const { place, goneS, start } = useTimer(() => phases)
const leftS = computed(() => Math.max(0, Math.ceil(props.seconds - goneS.value)))
onMounted(start)
watch(leftS, left => left === 0 && emit('over'))
</script>

<template>
  <div class="text-center">
    <TimerRing
      class="my-3"
      :place="place"
      :face="String(leftS)"
      line="rest"
      :label="`${leftS} seconds of rest left`"
    />
    <p class="mb-3 text-[1.1rem]">
      Next: {{ next }}
    </p>
    <button
      type="button"
      class="btn btn-floor"
      @click="emit('over')"
    >
      Go on now
    </button>
    <slot />
  </div>
</template>
