import type { PlannedSession, WeekPlan } from '~~/core/programme'
import type { PlannedAnswer, SessionRun, SetLogInput, Swap, TrainingWeek, WeekSheet } from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { write, writes } from './writes'

const week = (athleteId: string, startsOn: string): string => `/api/athletes/${athleteId}/weeks/${startsOn}`

export const weekKey = (athleteId: string, startsOn: string): string => `week/${athleteId}/${startsOn}`
export const fetchWeek = (athleteId: string, startsOn: string): Promise<WeekSheet> => call(week(athleteId, startsOn))
export const fetchWeekVersion = (athleteId: string, startsOn: string): Promise<{ version: number }> =>
  call(`${week(athleteId, startsOn)}/version`)
/** Null when a later plan of the same week took its place on the way. */
export const saveWeek = (
  athleteId: string, startsOn: string, label: string, version: number, plan: WeekPlan,
): Promise<TrainingWeek | null> =>
  writes.send({
    key: weekKey(athleteId, startsOn), label, method: 'PUT', path: week(athleteId, startsOn), body: { version, plan },
  })
export const assignWeek = (
  athleteId: string, startsOn: string, version: number, reason: string,
): Promise<TrainingWeek> =>
  write('Assigning a week', 'POST', `${week(athleteId, startsOn)}/assign`, { version, reason })
/** Asks the planner; nothing is stored by it. */
export const proposeForOne = (
  athleteId: string, startsOn: string, sessions: readonly PlannedSession[],
): Promise<PlannedAnswer> => call(`${week(athleteId, startsOn)}/propose`, { method: 'POST', body: { sessions } })
export const fetchRun = (sessionId: string): Promise<SessionRun> => keptCall(`/api/sessions/${sessionId}`)
export const takeStandIn = (sessionId: string, itemId: string): Promise<SessionRun> =>
  write('A stand-in', 'POST', `/api/sessions/${sessionId}/stand-in`, { itemId })
export const fetchSwaps = (sessionId: string, itemId: string): Promise<Swap[]> =>
  call(`/api/sessions/${sessionId}/swaps/${itemId}`)
export const swapDrill = (sessionId: string, itemId: string, variationId: string): Promise<SessionRun> =>
  write('A swap', 'POST', `/api/sessions/${sessionId}/swap`, { itemId, variationId })
export const tellEffort = (sessionId: string, effort: number, minutes: number): void =>
  writes.leave({
    key: `effort/${sessionId}`, label: 'How hard the session was', method: 'PUT',
    path: `/api/sessions/${sessionId}/effort`, body: { effort, minutes },
  })
export const leaveLog = (log: SetLogInput): void =>
  writes.leave({ key: `log/${log.id}`, label: 'A set', method: 'POST', path: '/api/logs', body: { logs: [log] } })
