import type { Catalogue } from '~~/core/catalogue'
import { changeText, DECISION_NAMES, type Decision, type DecisionKind } from '~~/core/progression'
import type { DecisionRow } from '~~/shared/types'
import { dayMonth } from './inWords'

/** What the button says that takes it. */
export const TAKE_WORDS: Readonly<Record<DecisionKind, string>> = {
  refer: 'Refer', swap: 'Swap', down: 'Step down', up: 'Move up', more: 'Take it', stay: 'Noted',
}

/** Reasons for another way that take one click. */
export const USUAL_REASONS = ['I saw it', 'Form is not there yet', 'Tired this week', 'Ready, I know them'] as const

/** A decision in a few words, with what it would change. */
export function headline({ kind, waits, ...decision }: Decision, catalogue: Catalogue): string {
  const change = kind === 'more' || (kind === 'down' && decision.to?.variationId === decision.from.variationId)
    ? `: ${changeText(decision, catalogue)}`
    : ''
  const until = waits === null ? '' : waits.until === null ? ', waits' : `, waits until ${dayMonth(waits.until)}`
  return `${DECISION_NAMES[kind]}${change}${until}`
}

/** What still has to be decided, of what there is; more that rests on little waits for another session. */
export const isOpen = ({ decision: { kind, waits, confidence }, proposed }: DecisionRow): boolean =>
  kind !== 'stay' && waits === null && (kind !== 'more' || confidence !== 'thin' || proposed !== null)
/** What needs a look of its own before anything else. */
export const isException = ({ decision: { kind } }: DecisionRow): boolean =>
  kind === 'refer' || kind === 'swap' || kind === 'down'
/** What may be taken together with others: nothing speaks against it, and nobody proposes otherwise. */
export const isClear = (row: DecisionRow): boolean =>
  isOpen(row) && !isException(row) && row.decision.confidence === 'clear' && row.proposed === null

const COUNTED: readonly (readonly [DecisionKind, string])[] = [
  ['refer', 'to be seen'], ['swap', 'another drill'], ['down', 'down'], ['up', 'up'], ['more', 'more'],
]

/** "11 wait: 1 to be seen, 6 up, 2 down, 2 more". */
export function waitingText(rows: readonly DecisionRow[]): string {
  const open = rows.filter(isOpen)
  if (open.length === 0) return 'Nothing waits for a decision.'
  const parts = COUNTED.flatMap(([kind, word]) => {
    const count = open.filter(row => row.decision.kind === kind).length
    return count > 0 ? [`${count} ${word}`] : []
  })
  return `${open.length} ${open.length === 1 ? 'waits' : 'wait'}: ${parts.join(', ')}`
}
