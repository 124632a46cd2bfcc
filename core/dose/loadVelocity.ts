import { DomainError } from '../errors'

/** Quadratic of a load-velocity relation, %1RM = a v² + b v + c, v mean propulsive velocity in m/s. */
interface Relation {
  readonly a: number
  readonly b: number
  readonly c: number
  /** Who measured it; null where it is a stated default of ours. */
  readonly source: string | null
}

/** A line through two speeds, of the full load and of 40 % of it: our own default, common practice, no source. */
function line(atFullMS: number, atFortyMS: number): Relation {
  const b = -60 / (atFortyMS - atFullMS)
  return { a: 0, b, c: 100 - b * atFullMS, source: null }
}

/**
 * Speed of the raise by load. The published ones are recalled from memory; they were measured on guided bars, maximal
 * intent, 30-100 % of 1RM. For the other ways of lifting a line is stated: hinges and presses overhead end near
 * 0.2 m/s, what is pulled fast or thrown goes at a metre a second or not at all, and a heavy load at a slow walk.
 */
export const LOAD_VELOCITY = {
  squat: { a: -5.961, b: -50.71, c: 117.0, source: 'Sanchez-Medina et al. 2017' },
  benchPress: { a: 8.4326, b: -73.501, c: 112.33, source: 'Gonzalez-Badillo & Sanchez-Medina 2010' },
  benchPull: { a: 18.5797, b: -104.182, c: 147.94, source: 'Sanchez-Medina et al. 2014' },
  hinge: line(0.2, 0.95),
  overhead: line(0.2, 1),
  fast: line(1, 1.75),
  walk: line(0.7, 1.3),
} as const satisfies Record<string, Relation>
export type LoadVelocityRelation = keyof typeof LOAD_VELOCITY

/**
 * Bar speed expected at a share of 1RM, m/s: the positive root of the relation that falls with load.
 *
 * @param relation which relation
 * @param percent1Rm 30-100, the range the relations were measured in
 * @throws DomainError `percent1Rm` outside 30-100.
 * @example
 * velocityMS('squat', 80).toFixed(2) // => '0.68'
 */
export function velocityMS(relation: LoadVelocityRelation, percent1Rm: number): number {
  if (!(percent1Rm >= 30 && percent1Rm <= 100)) {
    throw new DomainError('percent1Rm', 'Load-velocity relations hold from 30 to 100 % of 1RM.')
  }
  const { a, b, c }: Relation = LOAD_VELOCITY[relation]
  if (a === 0) return (percent1Rm - c) / b
  return (-b - Math.sqrt(b * b - 4 * a * (c - percent1Rm))) / (2 * a)
}
