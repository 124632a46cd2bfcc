import { DomainError } from '../errors'

/** The four places where a brace must swell. */
export const QUADRANTS = { front: 'Front', left: 'Left side', right: 'Right side', back: 'Back' } as const
export type Quadrant = keyof typeof QUADRANTS

/** What is counted in the check of a step, besides the swell. */
export type BraceMeasure = 'breaths' | 'repeats' | 'talkS' | 'squats' | 'marchASide' | 'reps' | 'tries'

/**
 * One step of the brace course: what is done, and what passes. All conditions are ours (common practice, no source).
 */
export interface BraceStep {
  readonly step: number
  readonly name: string
  readonly teach: string
  /** What is looked for. */
  readonly passes: string
  /** Which quadrants must swell. */
  readonly swell: boolean
  readonly measure: BraceMeasure
  readonly atLeast: number
  /** What the trainer page paces: breaths, holds, talking, marching or nothing. */
  readonly paced: 'breath' | 'hold' | 'talk' | 'march' | 'none'
}

export const MEASURE_WORDS: Readonly<Record<BraceMeasure, string>> = {
  breaths: 'breaths on all sides', repeats: 'correct repeats', talkS: 'seconds of talking',
  squats: 'squats with the brace kept', marchASide: 'steps a side', reps: 'reps with the brace seen',
  tries: 'efforts with a timed breath',
}

export const BRACE_STEPS: readonly BraceStep[] = [
  {
    step: 1, name: 'Low breath', swell: true, measure: 'breaths', atLeast: 5, paced: 'breath',
    teach: 'Hands below the ribs. Breathe into belly and sides, not the chest; through the nose or pursed lips.',
    passes: 'The hands move on all sides for five breaths.',
  },
  {
    step: 2, name: 'Find it', swell: true, measure: 'repeats', atLeast: 3, paced: 'hold',
    teach: 'One hand on the belly, one on the low back; stiffen against a light prod, hold 3 to 5 seconds, release.',
    passes: 'Front, sides and back swell, three correct repeats in one session.',
  },
  {
    step: 3, name: 'Hold it and breathe', swell: true, measure: 'talkS', atLeast: 15, paced: 'talk',
    teach: 'Keep it while breathing normally; talk or sing behind it.',
    passes: 'Talks for 15 seconds without losing it.',
  },
  {
    step: 4, name: 'Without hands', swell: true, measure: 'squats', atLeast: 5, paced: 'none',
    teach: 'Standing with the hands away, then while squatting with no load.',
    passes: 'The coach sees it kept through five squats.',
  },
  {
    step: 5, name: 'While limbs move', swell: false, measure: 'marchASide', atLeast: 12, paced: 'march',
    teach:
      'On the back: brace, two marching steps, release; then 6 to 8 a side, two more a week. A small natural arch '
      + 'may stay.',
    passes: 'Twelve a side with the low back still.',
  },
  {
    step: 6, name: 'Under load', swell: false, measure: 'reps', atLeast: 5, paced: 'hold',
    teach: 'A loaded bar, brace only, no lift: the midsection visibly sets. Then lifts.',
    passes: 'Visible at every one of five reps.',
  },
  {
    step: 7, name: 'Breath to force', swell: false, measure: 'tries', atLeast: 5, paced: 'none',
    teach: 'Strike, throw, sprint or lift: a short exhale or hiss timed with the effort, head and neck free.',
    passes: 'Five efforts with the breath in time and the head free.',
  },
]

/** A coach's check of one step, as it was seen. */
export interface BraceCheck {
  readonly step: number
  readonly swell: readonly Quadrant[]
  /** Breathing went on behind it (not asked in step 1, which is breathing). */
  readonly breathing: boolean
  readonly count: number
}

/** Days after which a brace is looked at again, in everybody (common practice, no source). */
export const RECHECK_DAYS = 28

/**
 * What a check still lacks for its step; empty: passed.
 *
 * @throws DomainError `step` that there is not, `count` below zero.
 * @example
 * braceLacks({ step: 3, swell: ['front', 'left', 'right', 'back'], breathing: true, count: 12 }) // => ['12 of 15 seconds of talking.']
 */
export function braceLacks({ step, swell, breathing, count }: BraceCheck): string[] {
  const facts = BRACE_STEPS[step - 1]
  if (!facts) throw new DomainError('step', 'Brace steps go from 1 to 7.')
  if (!(count >= 0)) throw new DomainError('count', 'The count is zero or more.')
  const lacks: string[] = []
  if (facts.swell) {
    const still = (Object.keys(QUADRANTS) as Quadrant[]).filter(q => !swell.includes(q))
    if (still.length > 0) lacks.push(`No swell yet: ${still.map(q => QUADRANTS[q].toLowerCase()).join(', ')}.`)
  }
  if (step > 1 && !breathing) lacks.push('The breath was held.')
  if (count < facts.atLeast) lacks.push(`${count} of ${facts.atLeast} ${MEASURE_WORDS[facts.measure]}.`)
  return lacks
}

/**
 * The step an athlete stands on after some checks, in the order they were made: a passed check of the next step leads
 * on, none is skipped, and a failed re-check of a step leads back to the one before it, not below the first.
 *
 * @param from the step passed before these checks, 0 when none
 * @example
 * braceReached([{ step: 1, swell: ['front', 'left', 'right', 'back'], breathing: true, count: 5 }], 0) // => 1
 */
export function braceReached(checks: readonly BraceCheck[], from: number): number {
  return checks.reduce((reached, check) => {
    if (braceLacks(check).length > 0) return check.step <= reached ? check.step - 1 : reached
    return check.step === reached + 1 ? check.step : reached
  }, from)
}

/** Marching steps a side: six to begin, two more a week, to the gate (common practice, no source). */
const MARCH = { start: 6, perWeek: 2, gate: 12 } as const

/**
 * Marching steps a side in a week of homework.
 *
 * @param week whole weeks since the march began, 0 or more
 * @throws DomainError `week` below zero.
 * @example
 * marchCounts(2) // => 10
 */
export function marchCounts(week: number): number {
  if (!(week >= 0)) throw new DomainError('week', 'Weeks are counted from zero.')
  return Math.min(MARCH.gate, MARCH.start + MARCH.perWeek * Math.floor(week))
}
