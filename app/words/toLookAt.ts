import { addDays, daysBetween } from '~~/core/calendar'
import { RECHECK_DAYS } from '~~/core/assessment'
import { endingClearances, FLAGS, flagFacts, isRestriction } from '~~/core/screening'
import type { RosterRow } from '~~/shared/types'
import { painText } from './safetyWords'
import { dayMonth, shortDay } from './inWords'

/** One thing about an athlete that waits for a coach. */
interface ToLookAt {
  readonly text: string
  readonly urgent: boolean
  /** The page of the athlete where it is seen to; none: the profile. */
  readonly page?: 'screen' | 'brace'
}

/** Days before its end from which a clearance is warned about (common practice, no source). */
const WARN_DAYS = 14

/**
 * What waits about an athlete, most urgent first: flags that stand, clearances that end, pain and where, what is not
 * known, brace re-checks.
 */
export function toLookAt(
  { athlete, marks, painInLastDays, lastLogDay, homeworkLies, screened: known }: RosterRow,
  today: string,
): ToLookAt[] {
  const { braceCheckedOn } = athlete.health
  const screened = known ? [] : [{ text: 'Never screened', urgent: true, page: 'screen' as const }]
  const standing = marks.map((mark): ToLookAt => {
    const { kind, name, means } = flagFacts(mark)
    return kind === 'red'
      ? { text: `Refer: ${name}`, urgent: true, page: 'screen' }
      : { text: isRestriction(mark) ? means : name, urgent: false, page: 'screen' }
  })
  const ending = endingClearances(
    athlete.clearances.filter(c => athlete.flags.includes(c.flag)),
    addDays(today, WARN_DAYS),
  ).map(({ flag, until }): ToLookAt => {
    const days = daysBetween(today, until!)
    const when = days < 0
      ? `ended on ${dayMonth(until!)}`
      : days === 0
      ? 'ends today'
      : `ends in ${days} ${days === 1 ? 'day' : 'days'}`
    return { text: `Clearance ${when}: ${FLAGS[flag].name.toLowerCase()}`, urgent: true, page: 'screen' }
  })
  const hurt = athlete.health.pain.filter(one => one.state !== 'leftOut').map((one): ToLookAt => ({
    text: `Pain ${shortDay(one.day)}: ${painText(one)}`, urgent: true,
  }))
  const pain = hurt.length === 0 && painInLastDays
    ? [{ text: `Pain logged, last on ${lastLogDay ? shortDay(lastLogDay) : ''}`, urgent: true }]
    : hurt
  const left = athlete.health.left !== null && standing.length === 0
    ? [{ text: 'Some drills are not for this athlete now', urgent: false }]
    : []
  const brace = braceCheckedOn === null
    ? [{ text: 'Brace never checked', urgent: false, page: 'brace' as const }]
    : daysBetween(braceCheckedOn, today) >= RECHECK_DAYS
    ? [{
      text: `Brace re-check due since ${dayMonth(addDays(braceCheckedOn, RECHECK_DAYS))}`, urgent: false,
      page: 'brace' as const,
    }]
    : []
  const homework = homeworkLies ? [{ text: 'Brace homework lies', urgent: false, page: 'brace' as const }] : []
  return [
    ...standing.filter(s => s.urgent), ...ending, ...pain, ...standing.filter(s => !s.urgent), ...left, ...screened,
    ...brace, ...homework,
  ]
}
