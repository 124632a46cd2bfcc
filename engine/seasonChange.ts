import { DomainError } from '../core/errors'
import type { SeasonInstance } from '../core/season'
import type { ReadChange, ReadDay } from './schemas/season'

type DayList = 'closed' | 'practices' | 'matches'

/** What a change of the calendar does to a list of days. */
const LISTS: Partial<Record<ReadChange['kind'], { readonly field: DayList, readonly how: 'add' | 'take' | 'move' }>> = {
  close: { field: 'closed', how: 'add' }, addAbsence: { field: 'closed', how: 'add' },
  open: { field: 'closed', how: 'take' }, cancelAbsence: { field: 'closed', how: 'take' },
  moveClosure: { field: 'closed', how: 'move' }, addPractice: { field: 'practices', how: 'add' },
  cancelPractice: { field: 'practices', how: 'take' }, movePractice: { field: 'practices', how: 'move' },
  addMatch: { field: 'matches', how: 'add' }, cancelMatch: { field: 'matches', how: 'take' },
  moveMatch: { field: 'matches', how: 'move' },
}

/** The season with one change of its calendar. */
export function changed(
  instance: SeasonInstance, change: ReadChange, at: string, dayOf: (day: ReadDay | undefined, at: string) => number,
): SeasonInstance {
  const day = dayOf(change.day, `${at}.day`)
  const to = (): number => dayOf(change.to, `${at}.to`)
  const list = LISTS[change.kind]
  if (list) {
    const { field, how } = list
    const days = instance[field] ?? []
    if (how !== 'add' && !days.includes(day))
      throw new DomainError(`${at}.day`, 'There is nothing of that kind on this day.')
    const rest = how === 'add' ? days : days.filter(d => d !== day)
    const more = how === 'add' ? [day] : how === 'move' ? [to()] : []
    return { ...instance, [field]: [...new Set([...rest, ...more])] }
  }
  const { competitions } = instance
  if (change.kind === 'addCompetition')
    return { ...instance, competitions: [...competitions, { day, importance: change.importance }] }
  const there = competitions.find(c => c.day === day)
  if (!there) throw new DomainError(`${at}.day`, 'There is no competition on this day.')
  const rest = competitions.filter(c => c !== there)
  return {
    ...instance,
    competitions: change.kind === 'cancelCompetition' ? rest : [...rest, { ...there, day: to() }],
  }
}
