import type { Answers, Clearance } from '~~/core/screening'
import type { Assessment, Athlete, BraceCheckInput, PlaceInput, TrialInput, TrialsAnswer } from '~~/shared/types'
import { call } from './call'
import { write, writes } from './writes'

const of = (athleteId: string, what: string): string => `/api/athletes/${athleteId}/${what}`

export const fetchAssessment = (athleteId: string): Promise<Assessment> => call(of(athleteId, 'assessment'))
export const fetchTrials = (): Promise<TrialsAnswer> => call('/api/trials')
/** Goes through the queue: a trial survives a line or a server that is down. */
export const sendTrial = (trial: TrialInput): Promise<{ stored: string[] } | null> =>
  writes.send({ key: `trial/${trial.id}`, label: 'A trial', method: 'POST', path: '/api/trials', body: { trials: [trial] } })
export const sendTrials = (trials: readonly TrialInput[]): Promise<{ stored: string[] }> => write('Tests from a file', 'POST', '/api/trials', { trials })
export const withdrawTrials = (ids: readonly string[]): Promise<{ withdrawn: string[] }> => write('Taking trials back', 'POST', '/api/trials/withdraw', { ids })
export const sendAnswers = (athleteId: string, answers: Answers): Promise<Athlete> =>
  write('Screening answers', 'PUT', of(athleteId, 'screening'), { answers })
export const addClearance = (athleteId: string, clearance: Clearance): Promise<Athlete> =>
  write('A clearance', 'POST', of(athleteId, 'clearances'), clearance)
export const withdrawClearance = (athleteId: string, id: string): Promise<Athlete> =>
  write('Withdrawing a clearance', 'POST', of(athleteId, 'clearances/withdraw'), { id })
export const sendBraceCheck = (athleteId: string, check: BraceCheckInput): Promise<Athlete> =>
  write('A brace check', 'POST', of(athleteId, 'brace'), check)
export const placeByHand = (athleteId: string, place: PlaceInput): Promise<Athlete> =>
  write('Placing on a ladder', 'PUT', of(athleteId, 'rung'), place)
