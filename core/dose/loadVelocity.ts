import { DomainError } from '../errors'

/**
 * Quadratic load-velocity relations, %1RM = a v² + b v + c, v mean propulsive velocity in m/s.
 * Coefficients recalled from memory; measured on guided bars, maximal intent, 30-100 % of 1RM.
 * Full squat: Sanchez-Medina et al. 2017. Bench press: Gonzalez-Badillo & Sanchez-Medina 2010.
 */
export const LOAD_VELOCITY = {
  squat: { a: -5.961, b: -50.71, c: 117.0 },
  benchPress: { a: 8.4326, b: -73.501, c: 112.33 },
} as const
export type LoadVelocityRelation = keyof typeof LOAD_VELOCITY

/**
 * Bar speed expected at a share of 1RM, m/s: the positive root of the relation that falls with load.
 *
 * @param relation which published relation
 * @param percent1Rm 30-100, the range the relations were measured in
 * @throws DomainError `percent1Rm` outside 30-100.
 * @example
 * velocityMS('squat', 80).toFixed(2) // => '0.68'
 */
export function velocityMS(relation: LoadVelocityRelation, percent1Rm: number): number {
  if (!(percent1Rm >= 30 && percent1Rm <= 100)) {
    throw new DomainError('percent1Rm', 'The published relation holds from 30 to 100 % of 1RM.')
  }
  const { a, b, c } = LOAD_VELOCITY[relation]
  return (-b - Math.sqrt(b * b - 4 * a * (c - percent1Rm))) / (2 * a)
}
