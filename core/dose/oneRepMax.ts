import { DomainError } from '../errors'

export const ONE_REP_MAX_FORMULAS = ['epley', 'brzycki', 'lombardi'] as const
export type OneRepMaxFormula = (typeof ONE_REP_MAX_FORMULAS)[number]

/**
 * Estimated one-repetition maximum, kg, from a set of `reps` with `loadKg`.
 * Epley 1985 w(1+r/30); Brzycki 1993 w·36/(37-r); Lombardi 1989 w·r^0.10 (all recalled from memory).
 * One rep is the maximum itself.
 *
 * @throws DomainError `loadKg` not above 0; `reps` not a whole number from 1 to 30.
 * @example
 * oneRepMaxKg(100, 10, 'brzycki').toFixed(1) // => '133.3'
 */
export function oneRepMaxKg(loadKg: number, reps: number, formula: OneRepMaxFormula): number {
  if (!(loadKg > 0)) throw new DomainError('loadKg', 'The load must be above 0 kg.')
  if (!(Number.isInteger(reps) && reps >= 1 && reps <= 30)) {
    throw new DomainError('reps', 'Estimates hold for 1 to 30 reps.')
  }
  if (reps === 1) return loadKg
  switch (formula) {
    case 'epley': return loadKg * (1 + reps / 30)
    case 'brzycki': return (loadKg * 36) / (37 - reps)
    case 'lombardi': return loadKg * reps ** 0.1
  }
}
