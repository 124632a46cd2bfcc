import type { Dose, Side, Sides } from './dose'

/** One set to be done: its number on its side, and the side of a one-sided drill. */
export interface SetSlot {
  readonly setNumber: number
  readonly side: Side | null
  /** Rest follows: after each set, or after both sides of a one-sided round. */
  readonly restAfter: boolean
}

/**
 * The sets of a dose in the order of doing: round by round, the weaker side first and its extra set last.
 *
 * @example
 * expandSets({ sets: 1, amount: 10, unit: 'seconds', restS: 5 }, 'each', 'right').map(s => s.side) // => ['right', 'left', 'right']
 */
export function expandSets(dose: Dose, sides: Sides, extraSetSide: Side | null): SetSlot[] {
  const slots: SetSlot[] = []
  const first: Side = extraSetSide ?? 'left'
  for (let setNumber = 1; setNumber <= dose.sets; setNumber++) {
    if (sides === 'both') slots.push({ setNumber, side: null, restAfter: true })
    else {
      slots.push({ setNumber, side: first, restAfter: false })
      slots.push({ setNumber, side: first === 'left' ? 'right' : 'left', restAfter: true })
    }
  }
  if (sides === 'each' && extraSetSide) slots.push({ setNumber: dose.sets + 1, side: extraSetSide, restAfter: true })
  return slots.map((slot, index) => (index === slots.length - 1 ? { ...slot, restAfter: false } : slot))
}
