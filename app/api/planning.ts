import type { PlannedSession } from '~~/core/programme'
import type {
  Applied, ApplyRequest, PlanRun, PlanRunInput, RulesChange, StoredRules, StoredSports, WeekReview,
} from '~~/shared/types'
import { call } from './call'
import { write } from './writes'

export const fetchRules = (): Promise<StoredRules[]> => call('/api/rules')
export const saveRules = (change: RulesChange): Promise<StoredRules[]> =>
  write('Rules of planning', 'PUT', '/api/rules', change)

export const fetchSports = (): Promise<StoredSports> => call('/api/sports')
export const saveSports = (stored: StoredSports): Promise<StoredSports> =>
  write('What sports ask for', 'PUT', '/api/sports', stored)

export const fetchRuns = (): Promise<PlanRun[]> => call('/api/plan-runs')
export const fetchPlanRun = (id: string): Promise<PlanRun> => call(`/api/plan-runs/${id}`)
export const startRun = (input: PlanRunInput): Promise<PlanRun> =>
  write('Planning a squad', 'POST', '/api/plan-runs', input)
export const cancelRun = (id: string): Promise<PlanRun> =>
  write('Cancelling', 'POST', `/api/plan-runs/${id}/cancel`, {})
export const retryRun = (id: string): Promise<PlanRun> =>
  write('Planning again', 'POST', `/api/plan-runs/${id}/retry`, {})
export const acceptRun = (id: string, athleteIds: readonly string[] | null): Promise<PlanRun> =>
  write('Assigning weeks', 'POST', `/api/plan-runs/${id}/accept`, { athleteIds })

const week = (athleteId: string, startsOn: string): string => `/api/athletes/${athleteId}/weeks/${startsOn}`
/** Looks through a week as it stands; nothing is stored by it. */
export const reviewWeek = (
  athleteId: string, startsOn: string, sessions: readonly PlannedSession[],
): Promise<WeekReview> => call(`${week(athleteId, startsOn)}/review`, { method: 'POST', body: { sessions } })
export const applyWeek = (athleteId: string, startsOn: string, request: ApplyRequest): Promise<Applied[]> =>
  write('Copying drills to others', 'POST', `${week(athleteId, startsOn)}/apply`, request)
