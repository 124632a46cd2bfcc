import { DomainError, must } from '../errors'
import type { InstrumentKind } from './line'

/** A trace as it is stored with its test: a text of small numbers, about a character and a half a sample. */
export interface PackedTrace {
  readonly kind: InstrumentKind
  readonly hz: number
  /** Value of one step. */
  readonly step: number
  readonly count: number
  readonly packed: string
}

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/'
const MOST_SAMPLES = 40_000

/**
 * A whole number in base-64 letters, five bits each, the sign in the lowest: the variable-length quantity of source
 * maps.
 */
function writeWhole(value: number): string {
  let rest = value < 0 ? (-value) * 2 + 1 : value * 2
  let text = ''
  do {
    const five = rest % 32
    rest = Math.floor(rest / 32)
    text += LETTERS[rest > 0 ? five + 32 : five]
  } while (rest > 0)
  return text
}

/**
 * Packs a trace: times and values as differences of differences and of values, in whole steps.
 *
 * @param step the value of one step, above 0
 * @throws DomainError `samples` too many; `step` not above zero.
 * @example
 * packTrace([{ tMs: 0, value: 1 }, { tMs: 50, value: 1.5 }], 'force', 20, 0.5).packed // => 'AEAC'
 */
export function packTrace(
  samples: readonly { readonly tMs: number, readonly value: number }[],
  kind: InstrumentKind, hz: number, step: number,
): PackedTrace {
  if (!(step > 0)) throw new DomainError('step', 'A step is above zero.')
  if (samples.length > MOST_SAMPLES) throw new DomainError('samples', `At most ${MOST_SAMPLES} samples.`)
  const period = hz > 0 ? Math.round(1000 / hz) : 0
  const start = samples[0]?.tMs ?? 0
  let before = { t: -period, v: 0 }
  let packed = ''
  for (const { tMs, value } of samples) {
    const now = { t: Math.round(tMs - start), v: Math.round(value / step) }
    packed += writeWhole(now.t - before.t - period) + writeWhole(now.v - before.v)
    before = now
  }
  return { kind, hz, step, count: samples.length, packed }
}

/**
 * The samples of a packed trace, from time 0.
 *
 * @throws DomainError `packed` that is damaged.
 * @example
 * unpackTrace({ kind: 'force', hz: 20, step: 0.5, count: 2, packed: 'AEAC' }) // => [{ tMs: 0, value: 1 }, { tMs: 50, value: 1.5 }]
 */
export function unpackTrace({ hz, step, count, packed }: PackedTrace): { tMs: number, value: number }[] {
  const numbers: number[] = []
  let value = 0
  let scale = 1
  for (const letter of packed) {
    const digit = LETTERS.indexOf(letter)
    if (digit < 0) throw new DomainError('packed', 'This trace is damaged.')
    value += (digit % 32) * scale
    scale *= 32
    if (digit < 32) {
      numbers.push(value % 2 === 1 ? -(value - 1) / 2 : value / 2)
      value = 0
      scale = 1
    }
  }
  if (scale !== 1 || numbers.length !== count * 2) throw new DomainError('packed', 'This trace is damaged.')
  const period = hz > 0 ? Math.round(1000 / hz) : 0
  let t = -period
  let v = 0
  return Array.from({ length: count }, (_, i) => {
    t += must(numbers[2 * i]) + period
    v += must(numbers[2 * i + 1])
    return { tMs: t, value: Math.round(v * step * 1e6) / 1e6 }
  })
}
