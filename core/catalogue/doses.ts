import type { Dose } from '../dose'

/** Holds of some seconds. */
export const holds = (sets: number, amount: number, restS: number): Dose => ({ sets, amount, unit: 'seconds', restS })

/** Repeats at a tempo. */
export const reps = (sets: number, amount: number, tempo: string, restS: number): Dose =>
  ({ sets, amount, unit: 'reps', tempo, restS })

/** Breaths counted in position. */
export const breaths = (sets: number, amount: number, restS: number): Dose => ({ sets, amount, unit: 'breaths', restS })

/** Metres carried or crawled. */
export const metres = (sets: number, amount: number, restS: number): Dose => ({ sets, amount, unit: 'metres', restS })

/** Letters traced with straight arms. */
export const letters = (sets: number, amount: number, restS: number): Dose => ({ sets, amount, unit: 'letters', restS })
