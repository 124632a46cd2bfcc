import { addDays, daysBetween, type IsoDay } from '../calendar'
import { PHASES, type PhaseId } from '../policy'
import { COMMON_PRACTICE, type Rule } from './rule'
import { within48h } from './within48h'

/** The season around the day on which something new would begin. */
export interface SeasonAround {
  readonly today: IsoDay
  /** Null where no season is planned. */
  readonly phase: PhaseId | null
  /** Last day of the phase; null where nobody knows. */
  readonly phaseEndsOn: IsoDay | null
  readonly competitions: readonly IsoDay[]
}

/** Nothing new begins in phases that take in none, nor in the days before a competition: the decision waits. */
export const closedWindow: Rule<'closedWindow', null, SeasonAround> = {
  id: 'closedWindow', scope: 'progress', severity: 'warn', title: 'Nothing new begins in a closed window', value: null,
  source: COMMON_PRACTICE,
  breaks: (around) => {
    const until = closedUntil(around)
    if (!until) return []
    return [until.by === 'phase' && around.phase
      ? `${PHASES[around.phase].name}: nothing new.`
      : 'A competition is near: nothing new.']
  },
}

/**
 * Until when nothing new begins: the first open day, null where nobody knows it; null as a whole where it is open.
 *
 * @example
 * closedUntil({ today: '2026-03-02', phase: 'taper', phaseEndsOn: '2026-03-15', competitions: [] }) // => { by: 'phase', until: '2026-03-16' }
 */
export function closedUntil(
  { today, phase, phaseEndsOn, competitions }: SeasonAround,
): { readonly by: 'phase' | 'competition', readonly until: IsoDay | null } | null {
  if (phase !== null && PHASES[phase].nothingNew)
    return { by: 'phase', until: phaseEndsOn === null ? null : addDays(phaseEndsOn, 1) }
  const near = competitions.filter((day) => {
    const ahead = daysBetween(today, day)
    return ahead >= 0 && ahead <= -within48h.value.offset
  }).sort()
  const last = near.at(-1)
  return last === undefined ? null : { by: 'competition', until: addDays(last, 1) }
}
