import type { Answers, Clearance } from '~~/core/screening'
import type { Practice } from '~~/core/assessment'
import type {
  Assessment, Athlete, BraceCheckInput, BraceCourse, PainInput, PlaceInput, StoredOwnTests, TrialInput, TrialsAnswer,
  TrialTrace,
} from '~~/shared/types'
import { call } from './call'
import { keptCall } from './keptCall'
import { write, writes } from './writes'

const of = (athleteId: string, what: string): string => `/api/athletes/${athleteId}/${what}`

export const fetchAssessment = (athleteId: string): Promise<Assessment> => keptCall(of(athleteId, 'assessment'))
/** Trials of a squad, or of everybody at hand. */
export const fetchTrials = (groupId: string | null): Promise<TrialsAnswer> =>
  keptCall(groupId ? `/api/trials?group=${groupId}` : '/api/trials')
/** Goes through the queue: a trial survives a line or a server that is down. */
export const leaveTrial = (trial: TrialInput): void =>
  writes.leave({
    key: `trial/${trial.id}`, label: 'A trial', method: 'POST', path: '/api/trials', body: { trials: [trial] },
  })
export const sendTrials = (trials: readonly TrialInput[]): Promise<{ stored: string[] }> =>
  write('Tests from a file', 'POST', '/api/trials', { trials })
export const withdrawTrials = (ids: readonly string[]): Promise<{ withdrawn: string[] }> =>
  write('Taking trials back', 'POST', '/api/trials/withdraw', { ids })
export const sendAnswers = (athleteId: string, version: number, answers: Answers): Promise<Athlete> =>
  write('Screening answers', 'PUT', of(athleteId, 'screening'), { version, answers })
export const sendPainDecision = (athleteId: string, input: PainInput): Promise<Athlete> =>
  write('A decision on pain', 'POST', of(athleteId, 'pain'), input)
export const addClearance = (athleteId: string, clearance: Clearance): Promise<Athlete> =>
  write('A clearance', 'POST', of(athleteId, 'clearances'), clearance)
export const withdrawClearance = (athleteId: string, id: string): Promise<Athlete> =>
  write('Withdrawing a clearance', 'POST', of(athleteId, 'clearances/withdraw'), { id })
export const sendBraceCheck = (athleteId: string, check: BraceCheckInput): Promise<Athlete> =>
  write('A brace check', 'POST', of(athleteId, 'brace'), check)
export const placeByHand = (athleteId: string, place: PlaceInput): Promise<Athlete> =>
  write('Placing on a ladder', 'PUT', of(athleteId, 'rung'), place)
export const fetchOwnTests = (): Promise<StoredOwnTests> => keptCall('/api/tests')
export const saveOwnTests = (stored: StoredOwnTests): Promise<StoredOwnTests> =>
  write('Tests of your own', 'PUT', '/api/tests', stored)
export const saveBraceCourse = (
  athleteId: string, course: Pick<BraceCourse, 'cue' | 'homework'>,
): Promise<BraceCourse> => write('The brace course', 'PUT', of(athleteId, 'brace-course'), course)
/** Goes through the queue: practice on a phone without a line counts too. */
export const leavePractice = (athleteId: string, practice: Practice & { id: string }): void =>
  writes.leave({
    key: `practice/${practice.id}`, label: 'Brace practice', method: 'POST', path: of(athleteId, 'practice'),
    body: practice,
  })
export const fetchTraces = (athleteId: string, from: string): Promise<{ traces: Record<string, TrialTrace> }> =>
  call(of(athleteId, `traces/${from}`))
