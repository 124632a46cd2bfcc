<script setup lang="ts">
import { clockTime } from '~/words/clockWords'
import type { Line, Write } from '~/device/write'

/** What waits on this device, why, and what could not be stored. Silent while everything goes through. */
const props = defineProps<{
  writes: readonly Write[]
  line: Line
  /** Milliseconds of the device's clock when what is shown was read, where the server does not answer. */
  since: number | null
  /** A newer version of the application is there. */
  newer: boolean
}>()
const emit = defineEmits<{ retry: [], discard: [id: string], renew: [] }>()

const waiting = computed(() => props.writes.filter(write => write.problem === undefined))
const refused = computed(() => props.writes.filter(write => write.problem !== undefined))
const inTabOnly = computed(() => waiting.value.filter(write => write.inTabOnly).length)
/** What is on the device for certain. */
const kept = computed(() => waiting.value.filter(write => !write.inTabOnly))
const isHeldUp = computed(() => props.line !== 'open' && kept.value.length > 0)
const shown = computed(() => refused.value.length > 0 || isHeldUp.value || inTabOnly.value > 0
  || props.since !== null || props.newer)
const sinceText = computed(() => (props.since === null ? '' : clockTime(props.since)))
/** The page ends above the bar: nothing at its foot is out of reach. */
const bar = ref<HTMLElement | null>(null)
const height = ref(0)
let sizes: ResizeObserver | null = null
watch(bar, (element) => {
  sizes?.disconnect()
  height.value = 0
  if (!element) return
  sizes = new ResizeObserver(() => { height.value = element.getBoundingClientRect().height })
  sizes.observe(element)
}, { flush: 'post' })
onBeforeUnmount(() => sizes?.disconnect())
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
  const labels = [...new Set(kept.value.map(write => write.label))]
  return labels.map((label) => {
    const n = kept.value.filter(write => write.label === label).length
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
    <p v-if="since !== null">
      <b>The server does not answer.</b> Shown as it stood at {{ sinceText }}: what was told about health since then is
      not known here.
    </p>
    <p
      v-if="isHeldUp"
      class="flex flex-wrap items-center gap-x-3 gap-y-1"
    >
      <b v-if="since === null">{{ WHY[line] }}</b>
      <span>{{ kept.length }} {{ kept.length === 1 ? 'change waits' : 'changes wait' }} on this device and will
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
      v-if="inTabOnly > 0"
      role="alert"
    >
      <b>This device has no room left.</b> {{ inTabOnly }} {{ inTabOnly === 1 ? 'change is' : 'changes are' }} held in
      this tab only: do not close it before {{ inTabOnly === 1 ? 'it is' : 'they are' }} sent.
    </p>
    <p
      v-if="newer"
      class="flex flex-wrap items-center gap-x-3"
    >
      <span>A newer version of Keen Anchor is ready. What waits here stays.</span>
      <button
        type="button"
        class="underline underline-offset-2 font-semibold"
        @click="emit('renew')"
      >
        Use it now
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
