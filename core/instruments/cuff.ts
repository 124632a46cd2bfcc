import { DomainError, must } from '../errors'

/** The pressure that is to be kept, mmHg. */
export interface PressureBand { readonly targetMmHg: number, readonly toleranceMmHg: number }

/**
 * Cuff under the low back, lying: inflated to 40 mmHg and kept within 5 while the legs move (common practice, no
 * source).
 */
export const USUAL_BAND: PressureBand = { targetMmHg: 40, toleranceMmHg: 5 }

/** A cuff trace in numbers. */
export interface CuffReading {
  /** Share of the time inside the band, 0-1. */
  readonly inside: number
  /** Longest unbroken time outside, seconds. */
  readonly longestOutS: number
  /** Where it goes by least squares, mmHg a minute; null when too short to say. */
  readonly driftPerMin: number | null
  /** Outside for a second or more just now: which way. */
  readonly alarm: 'low' | 'high' | null
  readonly says: string
}

/** From here a pressure that is off is an alarm, seconds; a breath swings it for less. */
const ALARM_S = 1
/** Shortest trace a drift is read from. */
const DRIFT_FROM_MS = 5000

/**
 * Reads a pressure cuff: time inside the band, longest time outside, drift, and the alarm of this moment. Each sample
 * stands for the time until the next.
 *
 * @throws DomainError `toleranceMmHg` zero or below.
 * @example
 * readCuff([{ tMs: 0, value: 41 }, { tMs: 100, value: 40 }], USUAL_BAND).inside // => 1
 */
export function readCuff(
  samples: readonly { readonly tMs: number, readonly value: number }[],
  band: PressureBand,
): CuffReading {
  if (!(band.toleranceMmHg > 0)) throw new DomainError('toleranceMmHg', 'The band is wider than nothing.')
  let inMs = 0
  let allMs = 0
  let outMs = 0
  let longestMs = 0
  for (let i = 1; i < samples.length; i++) {
    const [a, b] = [must(samples[i - 1]), must(samples[i])]
    const dt = b.tMs - a.tMs
    allMs += dt
    const off = Math.abs(a.value - band.targetMmHg) > band.toleranceMmHg
    if (!off) inMs += dt
    outMs = off ? outMs + dt : 0
    longestMs = Math.max(longestMs, outMs)
  }
  const last = samples.at(-1)
  const lastOff = last !== undefined && Math.abs(last.value - band.targetMmHg) > band.toleranceMmHg
  const alarm = lastOff && outMs >= ALARM_S * 1000 ? (last.value < band.targetMmHg ? 'low' : 'high') : null
  return {
    inside: allMs > 0 ? inMs / allMs : 1, longestOutS: longestMs / 1000, driftPerMin: driftOf(samples), alarm,
    says: alarm === 'low' ? 'Pressure falls: the low back lifts. Bend the knees, smaller movement.'
      : alarm === 'high' ? 'Pressure rises: the back presses down. Let the legs go lighter.' : 'The low back is still.',
  }
}

/**
 * How long the low back was held still: from the first sample to the moment the pressure left its band and stayed out
 * for a second; null while it is held.
 *
 * @example
 * cuffEnd([{ tMs: 0, value: 40 }, { tMs: 500, value: 30 }, { tMs: 1600, value: 30 }], USUAL_BAND) // => 500
 */
export function cuffEnd(
  samples: readonly { readonly tMs: number, readonly value: number }[],
  band: PressureBand,
): number | null {
  let outSince: number | null = null
  for (const { tMs, value } of samples) {
    if (Math.abs(value - band.targetMmHg) <= band.toleranceMmHg) outSince = null
    else if (outSince === null) outSince = tMs
    else if (tMs - outSince >= ALARM_S * 1000) return outSince
  }
  return null
}

function driftOf(samples: readonly { readonly tMs: number, readonly value: number }[]): number | null {
  const [first, last] = [samples[0], samples.at(-1)]
  if (!first || !last || last.tMs - first.tMs < DRIFT_FROM_MS) return null
  const n = samples.length
  const t = samples.reduce((sum, s) => sum + (s.tMs - first.tMs), 0) / n
  const p = samples.reduce((sum, s) => sum + s.value, 0) / n
  const sxy = samples.reduce((sum, s) => sum + (s.tMs - first.tMs - t) * (s.value - p), 0)
  const sxx = samples.reduce((sum, s) => sum + (s.tMs - first.tMs - t) ** 2, 0)
  return 60_000 * sxy / sxx
}
