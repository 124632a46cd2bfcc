import { computed, onBeforeUnmount, ref, shallowRef, watch, type Ref } from 'vue'
import { trustOf, type Sample } from '~~/core/instruments'
import type { InstrumentEvent, InstrumentState } from '~~/shared/types'

/** Samples kept to be looked at: a minute at twenty a second. */
const SHOWN = 1200
/** Seconds that the judgement of this moment looks back. */
const JUDGED_MS = 5000

/** What a page needs to watch an instrument. */
type Watch = (name: string, hear: (event: InstrumentEvent) => void, lost: () => void) => () => void

/** One instrument, live: (its name, how to watch, what to do with each bundle of samples and each press). */
export function useInstrument(
  name: Ref<string | null>, watchIt: Watch,
  on: { samples?: (samples: readonly Sample[]) => void, press?: () => void, away?: () => void } = {},
  clock: () => number = () => Date.now(),
) {
  const state = shallowRef<InstrumentState | null>(null)
  const samples = shallowRef<readonly Sample[]>([])
  const trouble = ref('')
  const lineLost = ref(false)
  const now = ref(0)
  /** Difference of the server's clock and ours: silence is judged by ours. */
  let heardAt = 0

  function hear(event: InstrumentEvent): void {
    lineLost.value = false
    heardAt = clock()
    if (event.event === 'state') {
      state.value = event.state
      if (!event.state.connected) on.away?.()
    }
    else if (event.event === 'trouble') trouble.value = event.text
    else if (event.event === 'press') on.press?.()
    else {
      const fresh = event.samples.map(([seq, tMs, value, arrivedMs]): Sample => ({ seq, tMs, value, arrivedMs }))
      samples.value = [...samples.value, ...fresh].slice(-SHOWN)
      on.samples?.(fresh)
    }
  }
  let unwatch: (() => void) | null = null
  const stop = watch(name, (next) => {
    unwatch?.()
    unwatch = null
    ;[state.value, samples.value, trouble.value] = [null, [], '']
    if (next) unwatch = watchIt(next, hear, () => { lineLost.value = true; on.away?.() })
  }, { immediate: true })
  const timer = setInterval(() => { now.value = clock() }, 250)
  onBeforeUnmount(() => {
    stop()
    unwatch?.()
    clearInterval(timer)
  })

  /** Whether what comes in just now can be believed. */
  const trust = computed(() => {
    const last = samples.value.at(-1)
    if (!state.value || state.value.kind === 'button') return trustOf([], 'button')
    const recent = samples.value.filter(s => s.tMs > (last?.tMs ?? 0) - JUDGED_MS)
    // The silence since the last bundle, told by our clock, added to the server's time of that bundle.
    const silentMs = Math.max(0, now.value - heardAt)
    return trustOf(recent, state.value.kind, last ? last.arrivedMs + silentMs : undefined)
  })
  const away = computed(() => lineLost.value || state.value?.connected === false)
  const latest = computed(() => samples.value.at(-1) ?? null)
  return { state, samples, trouble, trust, away, latest }
}
