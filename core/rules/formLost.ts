import type { ProgressAsked } from './progressAsked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** A dose at which form keeps breaking early goes a step back. Pain is no lost form: it has rules of its own. */
export const formLost: Rule<
  'formLost', { readonly part: number, readonly running: number }, Pick<ProgressAsked, 'sessions'>
> = {
  id: 'formLost', scope: 'progress', severity: 'warn', title: 'Lost form goes a step back',
  value: { part: 0.7, running: 2 }, source: COMMON_PRACTICE,
  breaks: ({ sessions }) => {
    const { part, running } = formLost.value
    const last = sessions.slice(-running)
    return last.length === running && last.every(({ hurt, heldPart }) => !hurt && heldPart < part)
      ? [`Form broke before ${Math.round(part * 100)} % of the amount, ${running} sessions running.`]
      : []
  },
}
