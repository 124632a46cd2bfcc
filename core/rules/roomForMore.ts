import type { ProgressAsked } from './progressAsked'
import { COMMON_PRACTICE, type Rule } from './rule'

/** More is asked only after a session that was clean, as long as planned, not too hard; never of what is not logged. */
export const roomForMore: Rule<
  'roomForMore', { readonly mostEffort: number, readonly leastQuality: number }, Pick<ProgressAsked, 'sessions'>
> = {
  id: 'roomForMore', scope: 'progress', severity: 'warn', title: 'More only after a clean session',
  value: { mostEffort: 8, leastQuality: 7 }, source: COMMON_PRACTICE,
  breaks: ({ sessions }) => {
    const last = sessions.at(-1)
    if (!last) return ['Nothing is logged.']
    const { hurt, broke, short, least, planned, effort, quality } = last
    const { mostEffort, leastQuality } = roomForMore.value
    if (hurt) return ['It hurt.']
    return [
      ...broke ? ['Form broke.'] : [],
      ...short ? [`Shorter than planned: ${least} of ${planned}.`] : [],
      ...(effort ?? 0) > mostEffort ? [`Effort ${effort}: hard enough as it is.`] : [],
      ...(quality ?? 10) < leastQuality ? [`Repeats were ${quality} of 10 of the own best.`] : [],
    ]
  },
}
