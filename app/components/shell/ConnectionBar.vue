<script setup lang="ts">
import { useElementBounding } from '@vueuse/core'
import type { Line, Write } from '~/device/write'

/** What waits on this device, why, and what could not be stored. Silent while everything goes through. */
const props = defineProps<{ writes: readonly Write[], line: Line }>()
const emit = defineEmits<{ retry: [], discard: [id: string] }>()

const waiting = computed(() => props.writes.filter(write => write.problem === undefined))
const refused = computed(() => props.writes.filter(write => write.problem !== undefined))
const shown = computed(() => refused.value.length > 0 || (props.line !== 'open' && waiting.value.length > 0))
/** The page ends above the bar: nothing at its foot is out of reach. */
const bar = ref<HTMLElement | null>(null)
const { height } = useElementBounding(bar)
watch(() => (shown.value ? height.value : 0), (px) => {
  document.body.style.paddingBottom = px > 0 ? `${Math.ceil(px)}px` : ''
  document.documentElement.style.scrollPaddingBottom = px > 0 ? `${Math.ceil(px)}px` : ''
})
const WHY = {
  open: '',
  noConnection: 'No answer from the server.',
  signedOut: 'Your session has ended.',
} as const

/** "Week of Ilse Tarn, 2 sets": what waits, in the order it will be sent. */
const what = computed(() => {
  const labels = [...new Set(waiting.value.map(write => write.label))]
  return labels.map((label) => {
    const n = waiting.value.filter(write => write.label === label).length
    return label === 'A set' ? `${n} ${n === 1 ? 'set' : 'sets'}` : label
  }).slice(0, 4).join(', ')
})
</script>

<template>
  <div
    v-if="shown"
    ref="bar"
    class="fixed bottom-0 inset-x-0 md:left-[132px] z-30 bg-signal-soft text-signal-ink border-t-2 border-signal px-4
      py-2 no-print"
    role="status"
    aria-label="Waiting to be stored"
  >
    <p
      v-if="line !== 'open' && waiting.length > 0"
      class="flex flex-wrap items-center gap-x-3 gap-y-1"
    >
      <b>{{ WHY[line] }}</b>
      <span>{{ waiting.length }} {{ waiting.length === 1 ? 'change waits' : 'changes wait' }} on this device and will
        be sent in order: {{ what }}.</span>
      <button
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="emit('retry')"
      >
        Try now
      </button>
    </p>
    <p
      v-for="write in refused"
      :key="write.id"
      class="flex flex-wrap items-center gap-x-3"
    >
      <span><b>{{ write.label }}</b> could not be stored: {{ write.problem }}</span>
      <button
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="emit('discard', write.id)"
      >
        Give it up
      </button>
    </p>
  </div>
</template>
