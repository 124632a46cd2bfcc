import { DomainError } from '../errors'

/** What an instrument measures. */
export const INSTRUMENT_KINDS = {
  force: { name: 'Force gauge', unit: 'N', least: -20, most: 2000, hz: 20 },
  cuff: { name: 'Pressure cuff', unit: 'mmHg', least: 0, most: 200, hz: 10 },
  button: { name: 'Stopwatch button', unit: '', least: 0, most: 1, hz: 0 },
} as const
export type InstrumentKind = keyof typeof INSTRUMENT_KINDS

/** One line of what an instrument says. Times are the instrument's own, milliseconds since it was switched on. */
export type InstrumentLine =
  | {
    readonly says: 'hello'
    readonly version: number
    readonly kind: InstrumentKind
    readonly hz: number
    readonly name: string
    readonly simulated: boolean
  }
  | { readonly says: 'sample', readonly seq: number, readonly tMs: number, readonly value: number }
  | { readonly says: 'press', readonly seq: number, readonly tMs: number }
  | { readonly says: 'trouble', readonly text: string }
  | { readonly says: 'answer', readonly good: boolean, readonly text: string }

export const LINE_VERSION = 1
const WHOLE = /^\d{1,12}$/
const NUMBER = /^-?\d{1,7}(\.\d{1,6})?$/
const LONGEST = 200

/**
 * Reads one line of the protocol (docs/instruments.md); null for a line that is damaged or unknown, which counts as
 * a line lost and never as a value.
 *
 * @example
 * readLine('S 12 600 84.5') // => { says: 'sample', seq: 12, tMs: 600, value: 84.5 }
 */
export function readLine(line: string): InstrumentLine | null {
  if (line.length > LONGEST) return null
  const [word, ...rest] = line.trim().split(' ')
  switch (word) {
    case 'KEEN':
      return readHello(rest)
    case 'S':
      return readSample(rest)
    case 'B':
      return readPress(rest)
    case 'E':
      return { says: 'trouble', text: rest.join(' ') }
    case 'OK':
      return { says: 'answer', good: true, text: rest.join(' ') }
    case 'NO':
      return { says: 'answer', good: false, text: rest.join(' ') }
    default:
      return null
  }
}

function readHello([version = '', kind = '', hz = '', name = '', simulated]: string[]): InstrumentLine | null {
  const known = WHOLE.test(version) && Object.hasOwn(INSTRUMENT_KINDS, kind) && WHOLE.test(hz) && name !== ''
  if (!known || (simulated !== undefined && simulated !== 'simulated')) return null
  return {
    says: 'hello', version: Number(version), kind: kind as InstrumentKind, hz: Number(hz), name,
    simulated: simulated !== undefined,
  }
}

function readSample([seq = '', tMs = '', value = '', ...more]: string[]): InstrumentLine | null {
  if (more.length > 0 || !WHOLE.test(seq) || !WHOLE.test(tMs) || !NUMBER.test(value)) return null
  return { says: 'sample', seq: Number(seq), tMs: Number(tMs), value: Number(value) }
}

function readPress([seq = '', tMs = '', ...more]: string[]): InstrumentLine | null {
  if (more.length > 0 || !WHOLE.test(seq) || !WHOLE.test(tMs)) return null
  return { says: 'press', seq: Number(seq), tMs: Number(tMs) }
}

/** Ways a simulated instrument can be made to fail. */
export const INSTRUMENT_FAULTS = {
  none: 'works', dropout: 'drops samples', noise: 'is noisy', jump: 'jumps', delay: 'is late',
} as const
export type InstrumentFault = keyof typeof INSTRUMENT_FAULTS

/** What can be asked of an instrument; the last two of a simulated one only. */
export type InstrumentCommand =
  | { readonly ask: 'zero' }
  | { readonly ask: 'fault', readonly fault: InstrumentFault }
  | { readonly ask: 'act', readonly value: number, readonly forS: number }

/**
 * The line that asks for something.
 *
 * @throws DomainError `value` or `forS` that cannot be.
 * @example
 * writeCommand({ ask: 'act', value: 90, forS: 12 }) // => 'SIM ACT 90 12'
 */
export function writeCommand(command: InstrumentCommand): string {
  if (command.ask === 'zero') return 'ZERO'
  if (command.ask === 'fault') return `SIM FAULT ${command.fault}`
  if (!(command.value >= -200 && command.value <= 2000)) throw new DomainError('value', 'From -200 to 2000.')
  if (!(command.forS > 0 && command.forS <= 300)) throw new DomainError('forS', 'From a moment to 300 seconds.')
  return `SIM ACT ${command.value} ${command.forS}`
}
