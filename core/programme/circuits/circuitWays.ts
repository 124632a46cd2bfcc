import type { CircuitWish } from './buildCircuit'

/** A way of doing a circuit; the coach changes whatever number. */
export interface CircuitWay {
  readonly name: string
  readonly text: string
  readonly wish: Omit<CircuitWish, 'id'>
  /** A session that is nothing but this: its minutes, with warm-up and cool-down. */
  readonly whole?: { readonly minutes: number, readonly warmUpMinutes: number, readonly coolDownMinutes: number }
}

/** Ways of doing a circuit, with the numbers they begin with (common practice, no source). */
export const CIRCUIT_WAYS = {
  rounds: {
    name: 'Rounds', text: 'One station after another, again and again.',
    wish: { rounds: 2, times: 1, workS: 30, restS: 30, roundRestS: 60, sides: 'split' },
  },
  twice: {
    name: 'Each drill twice', text: 'Every station twice in a row, the second time harder where it goes.',
    wish: { rounds: 1, times: 2, workS: 30, restS: 30, roundRestS: 60, sides: 'own' },
  },
  giant: {
    name: 'Giant set', text: 'No rest between stations, a long one after each round.',
    wish: { rounds: 3, times: 1, workS: 40, restS: 0, roundRestS: 120, sides: 'split' },
  },
  fighter: {
    name: 'Fighter’s rounds', text: 'Three minutes of work, then a minute of crawling.',
    wish: { rounds: 3, times: 1, workS: 45, restS: 0, roundRestS: 60, sides: 'split', roundS: 180, crawl: true },
  },
  guided: {
    name: 'Guided half hour', text: 'Warm-up, as many rounds as have room, cool-down, all by the clock.',
    wish: { rounds: 10, times: 1, workS: 40, restS: 20, roundRestS: 60, sides: 'split' },
    whole: { minutes: 30, warmUpMinutes: 5, coolDownMinutes: 3 },
  },
} as const satisfies Readonly<Record<string, CircuitWay>>

export type CircuitWayId = keyof typeof CIRCUIT_WAYS
