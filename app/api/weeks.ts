import type { PlannedSession, WeekPlan } from '~~/core/programme'
import type { BulkProposal, SetLogInput, Today, TrainingWeek, WeekSheet } from '~~/shared/types'
import { call } from './call'

const week = (athleteId: string, startsOn: string): string => `/api/athletes/${athleteId}/weeks/${startsOn}`

export const fetchWeek = (athleteId: string, startsOn: string): Promise<WeekSheet> => call(week(athleteId, startsOn))
export const saveWeek = (athleteId: string, startsOn: string, version: number, plan: WeekPlan): Promise<TrainingWeek> =>
  call(week(athleteId, startsOn), { method: 'PUT', body: { version, plan } })
export const assignWeek = (athleteId: string, startsOn: string, version: number): Promise<TrainingWeek> =>
  call(`${week(athleteId, startsOn)}/assign`, { method: 'POST', body: { version } })
export const proposeForMany = (
  request: { athleteIds: readonly string[], startsOn: string, sessions: readonly PlannedSession[], replace: boolean },
): Promise<BulkProposal[]> => call('/api/weeks/propose', { method: 'POST', body: request })
export const fetchRun = (sessionId: string): Promise<Today> => call(`/api/sessions/${sessionId}`)
export const sendLogs = (logs: readonly SetLogInput[]): Promise<{ stored: string[] }> =>
  call('/api/logs', { method: 'POST', body: { logs } })
