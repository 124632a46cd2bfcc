import { BREAK_POINTS } from '~~/core/assessment'
import { formatAmount, type Dose } from '~~/core/dose'
import type { SetLogInput } from '~~/shared/types'

/** "Side plank, left: 12 s, done": a set that was logged. */
export function loggedText(
  { log, step }: {
    readonly log: SetLogInput
    readonly step: { readonly item: { readonly name: string, readonly dose: Pick<Dose, 'unit'> } }
  },
): string {
  const ended = log.breakPoint === 'none' ? 'done' : BREAK_POINTS[log.breakPoint].toLowerCase()
  const amount = formatAmount(log.amount, step.item.dose.unit)
  return `${step.item.name}${log.side ? `, ${log.side}` : ''}: ${amount}, ${ended}`
}
