import { computed, onBeforeUnmount, ref } from 'vue'

/** Seconds since start, from the clock and not from counted ticks, so that a sleeping tab loses none. */
export function useStopwatch() {
  const startedAt = ref<number | null>(null)
  const stoppedAtS = ref<number | null>(null)
  const now = ref(0)
  let timer: ReturnType<typeof setInterval> | null = null

  const elapsedS = computed(() =>
    stoppedAtS.value ?? (startedAt.value === null ? 0 : Math.max(0, (now.value - startedAt.value) / 1000)))
  const running = computed(() => startedAt.value !== null && stoppedAtS.value === null)

  function tick(): void {
    now.value = performance.now()
  }

  function start(): void {
    tick()
    startedAt.value = now.value
    stoppedAtS.value = null
    timer ??= setInterval(tick, 100)
  }

  function stop(): number {
    tick()
    const seconds = elapsedS.value
    stoppedAtS.value = seconds
    if (timer) clearInterval(timer)
    timer = null
    return seconds
  }

  function reset(): void {
    stop()
    startedAt.value = null
    stoppedAtS.value = null
  }

  onBeforeUnmount(() => { if (timer) clearInterval(timer) })
  return { elapsedS, running, start, stop, reset }
}
