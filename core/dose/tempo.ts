import { DomainError } from '../errors'

/** Tempo of one repeat, seconds: lowering, pause, raising, pause. */
export interface Tempo {
  readonly loweringS: number
  readonly bottomS: number
  readonly raisingS: number
  readonly topS: number
}

/**
 * Reads a tempo written eccentric-pause-concentric-pause, each 0-30 s.
 *
 * @throws DomainError `tempo` when it is not four numbers, is all zero, or a part is out of range.
 * @example
 * parseTempo('3-0-3-0').loweringS // => 3
 */
export function parseTempo(text: string): Tempo {
  const parts = text.trim().split('-').map(part => (/^\d+(\.\d+)?$/.test(part) ? Number(part) : NaN))
  const [loweringS = 0, bottomS = 0, raisingS = 0, topS = 0] = parts
  if (parts.length !== 4 || !parts.every(s => s >= 0 && s <= 30)) {
    throw new DomainError('tempo', 'Write tempo as four numbers of seconds, for example 3-0-3-0.')
  }
  if (!(parts.reduce((a, b) => a + b) > 0)) throw new DomainError('tempo', 'A repeat must take some time.')
  return { loweringS, bottomS, raisingS, topS }
}

/**
 * Seconds of one repeat at a written tempo.
 *
 * @throws DomainError `tempo` as parseTempo.
 * @example
 * tempoSeconds('2-1-2-0') // => 5
 */
export function tempoSeconds(text: string): number {
  const { loweringS, bottomS, raisingS, topS } = parseTempo(text)
  return loweringS + bottomS + raisingS + topS
}

/**
 * Writes a tempo the way it is read: eccentric-pause-concentric-pause.
 *
 * @example
 * writeTempo({ loweringS: 2.5, bottomS: 1, raisingS: 2.5, topS: 0 }) // => '2.5-1-2.5-0'
 */
export function writeTempo({ loweringS, bottomS, raisingS, topS }: Tempo): string {
  return [loweringS, bottomS, raisingS, topS].join('-')
}
