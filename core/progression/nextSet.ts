import { AMOUNT_STEP } from '../dose'
import { setBrokeEarly, setOver, setTooHard, type SetDone } from '../rules'

/** The set after one that was done: how much of it, and why where that is a word worth. */
export interface NextSet {
  readonly amount: number
  /** In a sentence or two; empty where it stays as it was asked. */
  readonly why: string
}

/**
 * What the next set of a drill on the same side asks after one that was done: a step less after a very hard one, no
 * longer than form held, never more. Between sets nothing is added.
 *
 * @example
 * nextSet({ unit: 'reps', asked: 8, done: 8, broke: false, effort: 9 }) // => { amount: 7, why: 'Effort 9: a step less.' }
 */
export function nextSet(set: SetDone): NextSet {
  const step = AMOUNT_STEP[set.unit]
  const [hard, early] = [setTooHard.breaks(set), setBrokeEarly.breaks(set)]
  const amount = Math.min(
    set.asked,
    hard.length > 0 ? set.asked - step : Infinity,
    early.length > 0 ? Math.floor(set.done / step) * step : Infinity,
  )
  return {
    // Never less than one step, unless less was asked.
    amount: Math.max(Math.min(step, set.asked), amount),
    why: [...hard, ...early, ...setOver.breaks(set)].join(' '),
  }
}
