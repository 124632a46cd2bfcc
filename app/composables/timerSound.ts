import type { ShallowRef } from 'vue'
import { cuesOf, lookAt, type Clocks, type Timed, type TimerClock } from '~~/core/timer'
import { soundCues, type Sounding, type SoundMoment } from '~/device/sound'

/** Looks at two clocks of which the best counts: a page is stopped between any two lines. */
const LOOKS = 4
/** Seconds between sound and timer that nobody hears. */
const NOT_HEARD_S = 0.03

export const clocks = (): Clocks => ({ wallMs: Date.now(), steadyMs: performance.now() })
let context: AudioContext | null = null

/** The tones of a timer, by its clock: set ahead, kept by it, silenced. */
export function timerSound(phases: () => readonly Timed[], clock: ShallowRef<TimerClock | null>) {
  let sounding: Sounding | null = null

  function play(): void {
    if (typeof AudioContext === 'undefined') return
    context ??= new AudioContext()
    sounding = soundCues(context, cuesOf(phases()), momentOf(context))
    // Its clock stands still until it runs, and a page in the background may not look again for a minute.
    void context.resume().then(keep)
  }

  /** Two clocks drift apart over half an hour, and the one of the sound stands still in a call. */
  function keep(): void {
    if (!clock.value?.running || !sounding || context?.state !== 'running') return
    const moment = momentOf(context)
    const soundedS = sounding.at(moment.soundS)
    if (Math.abs(soundedS - moment.atS) <= NOT_HEARD_S) return
    sounding.silence()
    sounding = soundCues(context, cuesOf(phases()), moment, soundedS)
  }

  function silence(): void {
    sounding?.silence()
    sounding = null
  }

  /** Where timer and sound are in one moment: of some looks the one in which the least time went by. */
  function momentOf(of: AudioContext): SoundMoment {
    const looks = Array.from({ length: LOOKS }, () => {
      const before = clocks()
      const soundS = of.currentTime
      return { before, soundS, tookMs: performance.now() - before.steadyMs }
    })
    const { before, soundS } = looks.reduce((best, one) => (one.tookMs < best.tookMs ? one : best))
    return { atS: clock.value ? lookAt(clock.value, before).goneMs / 1000 : 0, soundS }
  }

  return { play, keep, silence }
}
