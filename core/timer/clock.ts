/** What two clocks of a device say: the time of day, which may be set, and the one that only goes on. */
export interface Clocks {
  readonly wallMs: number
  readonly steadyMs: number
}

/** A timer that runs or is held; all it knows of time is what clocks said. */
export interface TimerClock {
  /** Milliseconds gone when the clocks were last looked at. */
  readonly goneMs: number
  readonly seen: Clocks
  readonly running: boolean
}

/**
 * A steady clock that stands still while a device sleeps is behind the time of day by this at most; more, or the time
 * of day behind it, is somebody setting the clock. No set and no rest is as long.
 */
const LONGEST_SLEEP_MS = 45 * 60_000
/** The two clocks drift by no more than this between two looks. */
const DRIFT_MS = 250

/**
 * A timer that begins now.
 *
 * @example
 * startClock({ wallMs: 5000, steadyMs: 80 }).goneMs // => 0
 */
export function startClock(now: Clocks): TimerClock {
  return { goneMs: 0, seen: now, running: true }
}

/**
 * The timer after a look at the clocks: by the steady one, and by the time of day where the steady one slept. A clock
 * that was set back or forth changes nothing.
 *
 * @example
 * lookAt(startClock({ wallMs: 5000, steadyMs: 80 }), { wallMs: 7000, steadyMs: 2080 }).goneMs // => 2000
 */
export function lookAt(clock: TimerClock, now: Clocks): TimerClock {
  if (!clock.running) return { ...clock, seen: now }
  const steady = Math.max(0, now.steadyMs - clock.seen.steadyMs)
  const wall = now.wallMs - clock.seen.wallMs
  const slept = wall - steady > DRIFT_MS && wall - steady <= LONGEST_SLEEP_MS
  return { ...clock, goneMs: clock.goneMs + (slept ? wall : steady), seen: now }
}

/**
 * Holds a timer, or lets it go on: what passes meanwhile is none of its time.
 *
 * @example
 * holdClock(startClock({ wallMs: 0, steadyMs: 0 }), { wallMs: 900, steadyMs: 900 }, true).running // => false
 */
export function holdClock(clock: TimerClock, now: Clocks, hold: boolean): TimerClock {
  return { ...lookAt(clock, now), running: !hold }
}

/**
 * A timer whose time leaps forward to a moment of its own (milliseconds), as where a stretch of it is left out; never
 * back.
 *
 * @example
 * leapTo(startClock({ wallMs: 0, steadyMs: 0 }), { wallMs: 900, steadyMs: 900 }, 60_000).goneMs // => 60000
 */
export function leapTo(clock: TimerClock, now: Clocks, goneMs: number): TimerClock {
  const seen = lookAt(clock, now)
  return { ...seen, goneMs: Math.max(seen.goneMs, goneMs) }
}
