import { must } from '../errors'
import { medianOf } from '../statistics'
import { INSTRUMENT_KINDS, type InstrumentKind } from './line'

/** A sample as it arrived: the instrument's number and time, and the receiver's time, all in milliseconds. */
export interface Sample {
  readonly seq: number
  readonly tMs: number
  readonly value: number
  readonly arrivedMs: number
}

/** Why a trace is not to be believed. */
export const TRACE_PROBLEMS = {
  gap: 'samples are missing', noise: 'the signal is noisy', jump: 'the signal jumps', late: 'samples arrive late',
  range: 'values are outside what it can measure',
} as const
export type TraceProblem = keyof typeof TRACE_PROBLEMS

/** Whether a trace can be believed, and if not why, in plain words with sizes. */
export interface Trust {
  readonly reliable: boolean
  readonly problems: readonly TraceProblem[]
  readonly says: readonly string[]
}

/**
 * Limits by instrument: ours, common practice, no source. A hand cannot pull faster, a belly not press faster, than
 * `stepPerS`.
 */
const LIMITS: Readonly<Record<InstrumentKind, { stepPerS: number, noise: number }>> = {
  force: { stepPerS: 4000, noise: 8 }, cuff: { stepPerS: 200, noise: 1.5 },
  button: { stepPerS: Infinity, noise: Infinity },
}
/** Longest silence, and longest lateness against the quickest sample, that nothing is made of. */
const SILENCE_MS = 500
const LATE_MS = 500
/** Share of samples that may be lost one by one. */
const LOST_SHARE = 0.05

/**
 * Judges a trace: missing samples (by number, and by silence), steps faster than a body makes, noise (median of the
 * second differences, scaled so that it estimates the standard deviation of white noise: 1.4826 x median |d2| / sqrt 6,
 * Rousseeuw & Croux 1993 for the scale, recalled), lateness against the instrument's own clock, values out of range.
 *
 * @param samples in the order they arrived
 * @param nowMs the receiver's time now, where the trace is still running: silence up to now counts
 * @example
 * trustOf([], 'force').reliable // => true
 */
export function trustOf(samples: readonly Sample[], kind: InstrumentKind, nowMs?: number): Trust {
  const found = new Map<TraceProblem, string>()
  const { least, most } = INSTRUMENT_KINDS[kind]
  const { stepPerS, noise } = LIMITS[kind]
  let lost = 0
  let longest = 0
  let steepest = 0
  for (let i = 1; i < samples.length; i++) {
    const [a, b] = [must(samples[i - 1]), must(samples[i])]
    lost += Math.max(0, b.seq - a.seq - 1)
    longest = Math.max(longest, b.tMs - a.tMs)
    const overS = Math.max(1, b.tMs - a.tMs) / 1000
    if (Math.abs(b.value - a.value) / overS > stepPerS) steepest = Math.max(steepest, Math.abs(b.value - a.value))
  }
  const last = samples.at(-1)
  if (last && nowMs !== undefined) longest = Math.max(longest, nowMs - last.arrivedMs)
  if (longest > SILENCE_MS) found.set('gap', `Nothing came for ${(longest / 1000).toFixed(1)} s.`)
  else if (samples.length > 0 && lost / (samples.length + lost) > LOST_SHARE) {
    found.set('gap', `${lost} of ${samples.length + lost} samples are missing.`)
  }
  if (steepest > 0) found.set('jump', `It jumps by ${Math.round(steepest)} at once, faster than a body can.`)
  const rough = noiseOf(samples.map(s => s.value))
  if (rough > noise) found.set('noise', `Noise of about ${rough.toFixed(1)}; ${noise} is the most that is believed.`)
  const quickest = samples.reduce((least, s) => Math.min(least, s.arrivedMs - s.tMs), Infinity)
  const late = samples.reduce((most, s) => Math.max(most, s.arrivedMs - s.tMs - quickest), 0)
  if (late > LATE_MS) found.set('late', `Samples arrive up to ${(late / 1000).toFixed(1)} s late.`)
  if (samples.some(s => !(s.value >= least && s.value <= most)))
    found.set('range', `Values outside ${least} to ${most}.`)
  return { reliable: found.size === 0, problems: [...found.keys()], says: [...found.values()] }
}

/**
 * The standard deviation of the noise in a signal that itself moves slowly; 0 of fewer than three values.
 *
 * @example
 * noiseOf([5, 5, 5, 5]) // => 0
 */
export function noiseOf(values: readonly number[]): number {
  if (values.length < 3) return 0
  const bends = values.slice(2).map((v, i) => Math.abs(v - 2 * must(values[i + 1]) + must(values[i])))
  return 1.4826 * medianOf(bends) / Math.sqrt(6)
}
