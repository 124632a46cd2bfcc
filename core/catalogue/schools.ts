import { must } from '../errors'
import { secondsOf, type Dose } from '../dose'
import type { Variation } from './variation'

/** Ways of dosing trunk work that practitioners hold to (common practice, no source). */
export const SCHOOLS = {
  stiffnessFirst: { name: 'Stiffness first', says: 'Short holds repeated, few hard repeats, perfect form.' },
  highTension: { name: 'High tension', says: 'Few repeats, much tension, long rests.' },
  bodyLine: { name: 'Body line and compression', says: 'Longer holds and tens of repeats, early and fresh.' },
  intervalCircuit: { name: 'Interval circuit', says: 'Thirty seconds of work, thirty of rest, each drill twice.' },
  rotationalPower: { name: 'Rotational power', says: 'Holds in the base, then few fast repeats with full rest.' },
  liftIntegrated: { name: 'Lift-integrated', says: 'The lift’s own load and sets; little is added.' },
} as const
export type SchoolId = keyof typeof SCHOOLS

const HOLDS: Readonly<Record<SchoolId, readonly [sets: number, seconds: number, restS: number]>> = {
  stiffnessFirst: [5, 10, 5], highTension: [5, 8, 60], bodyLine: [3, 30, 45], intervalCircuit: [2, 30, 30],
  rotationalPower: [3, 10, 20],
  liftIntegrated: [2, 10, 60],
}
const REPS: Readonly<Record<SchoolId, readonly [sets: number, reps: number, restS: number]>> = {
  stiffnessFirst: [3, 6, 30], highTension: [5, 5, 90], bodyLine: [3, 10, 45], intervalCircuit: [2, 0, 30],
  rotationalPower: [3, 6, 60],
  liftIntegrated: [3, 5, 75],
}
const CIRCUIT_S = 30

/**
 * How a school doses, in a coach's words: holds first, then repeats.
 *
 * @example
 * schoolDoseText('stiffnessFirst') // => 'holds 5 × 10 s, repeats 3 × 6'
 */
export function schoolDoseText(school: SchoolId): string {
  const [holdSets, holdS] = HOLDS[school]
  const [sets, reps] = REPS[school]
  return `holds ${holdSets} × ${holdS} s, repeats ${sets} × ${reps || `${CIRCUIT_S} s`}`
}

/**
 * The dose a school would begin a drill with: its own sets, rests and seconds, in the drill's own unit and tempo.
 * Breaths, metres and letters keep the drill's first dose; a drill with a gate below the school's amount keeps to the
 * gate.
 *
 * @example
 * schoolDose(findVariation('side-plank.feet'), 'stiffnessFirst') // => { sets: 5, amount: 10, unit: 'seconds', restS: 5 }
 */
export function schoolDose(variation: Variation, school: SchoolId): Dose {
  const first = must(variation.doses[0])
  if (first.unit === 'seconds') {
    const [sets, amount, restS] = HOLDS[school]
    return { sets, amount: Math.min(amount, Math.max(first.amount, variation.gate.amount)), unit: 'seconds', restS }
  }
  if (first.unit !== 'reps') return first
  const [sets, reps, restS] = REPS[school]
  const inTime = Math.max(1, Math.round(CIRCUIT_S / secondsOf(1, 'reps', first.tempo)))
  const amount = Math.min(reps || inTime, Math.max(first.amount, variation.gate.amount))
  return { sets, amount, unit: 'reps', ...(first.tempo === undefined ? {} : { tempo: first.tempo }), restS }
}
