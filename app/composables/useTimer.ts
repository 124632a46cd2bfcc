import { useDocumentVisibility, useWakeLock } from '@vueuse/core'
import { computed, onBeforeUnmount, ref, shallowRef, watch } from 'vue'
import { cuesOf, holdClock, leapTo, lookAt, placeAt, startClock, type Timed, type TimerClock } from '~~/core/timer'
import { say } from '~/device/sound'
import { ticks } from '~/device/ticks'
import { clocks, timerSound } from './timerSound'
import { useBeep } from './useBeep'

/** Milliseconds between two looks at the clocks. */
const LOOK_MS = 100

/**
 * Goes through the phases of a timer by the clock, with tones and names, or flashes where sound is off. The screen
 * stays awake meanwhile. After the last phase it goes on counting until it is ended.
 */
export function useTimer(phases: () => readonly Timed[]) {
  const { on: sound } = useBeep()
  const clock = shallowRef<TimerClock | null>(null)
  /** How many cues have passed: a change is a flash. */
  const flash = ref(0)

  const goneS = computed(() => (clock.value?.goneMs ?? 0) / 1000)
  const running = computed(() => clock.value?.running ?? false)
  const held = computed(() => clock.value !== null && !clock.value.running)
  const place = computed(() => (clock.value ? placeAt(phases(), goneS.value) : null))

  const sounds = timerSound(phases, clock)
  const wake = useWakeLock()
  let endTicks = (): void => undefined
  watch(useDocumentVisibility(), look)

  function look(): void {
    if (!clock.value) return
    const before = goneS.value
    clock.value = lookAt(clock.value, clocks())
    const passed = cuesOf(phases()).filter(cue => cue.atS > before && cue.atS <= goneS.value)
    flash.value += passed.length
    const named = passed.findLast(cue => cue.say !== null)
    if (named?.say && sound.value) say(named.say)
    sounds.keep()
  }

  function start(): void {
    clock.value = startClock(clocks())
    if (sound.value) sounds.play()
    endTicks()
    endTicks = ticks(look, LOOK_MS)
    if (wake.isSupported.value) void wake.request('screen').catch(() => undefined)
  }

  /** Held until it is let go on. */
  function hold(is: boolean): void {
    if (!clock.value || clock.value.running === !is) return
    clock.value = holdClock(clock.value, clocks(), is)
    sounds.silence()
    if (!is && sound.value) sounds.play()
  }

  /** Leaves out what is left of this phase. */
  function pass(): void {
    if (!clock.value?.running || !place.value) return
    const { from, seconds } = place.value.phase
    clock.value = leapTo(clock.value, clocks(), 1000 * (from + seconds))
    sounds.silence()
    if (sound.value) sounds.play()
  }

  /** Seconds that were gone. */
  function end(): number {
    look()
    const seconds = goneS.value
    sounds.silence()
    endTicks()
    clock.value = null
    if (wake.isActive.value) void wake.release()
    return seconds
  }

  onBeforeUnmount(end)
  return { place, goneS, running, held, sound, flash, start, hold, pass, end }
}
