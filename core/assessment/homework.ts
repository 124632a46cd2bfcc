import { addDays, daysBetween, type IsoDay } from '../calendar'
import { DomainError } from '../errors'

/** Brace practice that a coach has set for at home. */
export interface Homework {
  readonly timesADay: number
  /** Last day; null: until changed. */
  readonly until: IsoDay | null
  readonly note: string
}

/** One practice at home, as the trainer page stored it. */
export interface Practice { readonly day: IsoDay, readonly step: number }

/** Where the homework stands on a day. */
export interface HomeworkState {
  readonly done: number
  readonly of: number
  /** Whole days since the last practice before today; null when there was none. */
  readonly idleDays: number | null
  readonly remind: boolean
  readonly says: string
}

/** Days without practice after which a coach is told (common practice, no source). */
const TELL_AFTER = 3

/**
 * Where the homework stands: how often it was done today of how often it is set, and whether to remind.
 *
 * @throws DomainError `timesADay` that is not 1 to 6.
 * @example
 * homeworkState({ timesADay: 3, until: null, note: '' }, [{ day: '2026-03-04', step: 2 }], '2026-03-04').says // => '1 of 3 done today.'
 */
export function homeworkState(homework: Homework | null, practices: readonly Practice[], today: IsoDay): HomeworkState {
  if (!homework || (homework.until !== null && homework.until < today))
    return { done: 0, of: 0, idleDays: null, remind: false, says: 'No brace homework is set.' }
  const { timesADay } = homework
  if (!(Number.isInteger(timesADay) && timesADay >= 1 && timesADay <= 6))
    throw new DomainError('timesADay', 'From once to six times a day.')
  const done = practices.filter(p => p.day === today).length
  const before = practices.map(p => p.day).filter(day => day < today).sort().at(-1)
  const idleDays = before === undefined ? null : daysBetween(before, today)
  const remind = done < timesADay
  const idle = done === 0 && idleDays !== null && idleDays > 1 ? ` Last practised ${idleDays} days ago.` : ''
  return {
    done, of: timesADay, idleDays, remind,
    says: remind ? `${done} of ${timesADay} done today.${idle}` : `Done for today: ${done} of ${timesADay}.`,
  }
}

/**
 * Whether a coach should hear about homework that lies: nothing for three days or more.
 *
 * @param setOn day it was set
 * @example
 * homeworkLies({ timesADay: 3, until: null, note: '' }, [], '2026-03-01', '2026-03-05') // => true
 */
export function homeworkLies(
  homework: Homework | null, practices: readonly Practice[], setOn: IsoDay, today: IsoDay,
): boolean {
  if (!homework || (homework.until !== null && homework.until < today)) return false
  const last = practices.map(p => p.day).sort().at(-1) ?? setOn
  return addDays(last < setOn ? setOn : last, TELL_AFTER) <= today
}
