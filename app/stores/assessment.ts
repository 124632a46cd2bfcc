import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { Answers, Clearance } from '~~/core/screening'
import type {
  Assessment, Athlete, BraceCheckInput, BraceCourse, PainInput, PlaceInput, TrialInput, TrialTrace,
} from '~~/shared/types'
import * as api from '~/api/assessment'
import * as athletes from '~/api/athletes'
import { reading } from './parts/reading'

/** What is known of one athlete: profile, answers, clearances, brace checks and trials. */
export const useAssessmentStore = defineStore('assessment', () => {
  const athlete = shallowRef<Athlete | null>(null)
  const found = shallowRef<Assessment | null>(null)
  const { state, problem, read, again } = reading()

  const load = (id: string): Promise<void> => read(async () => {
    [athlete.value, found.value] = await Promise.all([athletes.fetchAthlete(id), api.fetchAssessment(id)])
  }, athlete.value?.id !== id)
  /** The athlete's own page has no profile to read: what concerns the brace is enough. */
  const loadOwn = (id: string): Promise<void> => read(async () => { found.value = await api.fetchAssessment(id) })

  /** Takes the answer over and reads anew what hangs on it. */
  async function after(id: string, work: Promise<Athlete>): Promise<void> {
    const changed = await work
    const next = await api.fetchAssessment(id)
    // Both at once: a form that starts from the one must not start without the other.
    ;[athlete.value, found.value] = [changed, next]
  }
  const answer = (id: string, version: number, answers: Answers): Promise<void> =>
    after(id, api.sendAnswers(id, version, answers))
  const decidePain = (id: string, input: PainInput): Promise<void> => after(id, api.sendPainDecision(id, input))
  const clear = (id: string, clearance: Clearance): Promise<void> => after(id, api.addClearance(id, clearance))
  const withdrawClearance = (id: string, clearanceId: string): Promise<void> =>
    after(id, api.withdrawClearance(id, clearanceId))
  const checkBrace = (id: string, check: BraceCheckInput): Promise<void> => after(id, api.sendBraceCheck(id, check))
  const place = (id: string, input: PlaceInput): Promise<void> => after(id, api.placeByHand(id, input))

  async function setCourse(id: string, course: Pick<BraceCourse, 'cue' | 'homework'>): Promise<void> {
    const saved = await api.saveBraceCourse(id, course)
    if (found.value) found.value = { ...found.value, course: saved }
  }
  /** Counted at once; on its way as soon as there is a line. */
  function logPractice(id: string, key: string, day: string, step: number): void {
    if (found.value) found.value = { ...found.value, practices: [...found.value.practices, { day, step }] }
    api.leavePractice(id, { id: key, day, step })
  }

  /** What the athlete answers from the own phone. */
  const answerOwn = (id: string, answers: Answers): Promise<unknown> =>
    api.sendAnswers(id, found.value?.healthVersion ?? 0, answers)
  /** The trace of a trial, by its key and the day it was taken. */
  const traceOf = async (id: string, trialId: string, day: string): Promise<TrialTrace | null> =>
    (await api.fetchTraces(id, day)).traces[trialId] ?? null

  /** A trial that is refused stays refused: the queue shows why. */
  const logTrial = (trial: TrialInput): void => api.leaveTrial(trial)
  async function withdrawTrial(trialId: string, athleteId: string | null): Promise<void> {
    await api.withdrawTrials([trialId])
    if (athleteId) found.value = await api.fetchAssessment(athleteId)
  }

  return {
    athlete, found, state, problem, again, load, loadOwn, answer, decidePain, clear,
    withdrawClearance, answerOwn, traceOf, sendTrials: api.sendTrials, withdrawTrials: api.withdrawTrials, checkBrace,
    place, setCourse, logPractice, logTrial, withdrawTrial,
  }
})
