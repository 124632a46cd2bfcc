import { addDays } from '~~/core/calendar'
import { braceLacks, braceReached, type Practice } from '~~/core/assessment'
import { NO_BRACE_WORK, redFlags } from '~~/core/screening'
import { AppError } from '~~/shared/errors'
import type { Athlete, BraceCheckInput, BraceCourse } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { insertBraceCheck, setBraceStep } from '../repositories/assessment'
import { braceCourse, insertPractice, practicesSince, saveBraceCourse } from '../repositories/braceCourse'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, writing, type Context } from './context'
import { healthTruth } from './healthTruth'
import { record } from './record'

/** Days of practice at home that a page looks back. */
export const PRACTICE_DAYS = 28

/** Stores a check of the brace and moves the athlete to the step it leads to. */
export function checkBrace(context: Context, athleteId: string, check: BraceCheckInput): Promise<Athlete> {
  const { organisationId, personId } = context.actor
  return writing(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await mustNotBeStopped(tx, context, athleteId, check.day)
    if (check.day > addDays(context.today, 1))
      throw new AppError('badInput', 'This day is yet to come.', { day: 'This day is yet to come.' })
    const passed = braceLacks(check).length === 0
    if (await insertBraceCheck(tx, organisationId, athleteId, { ...check, passed }, personId)) {
      // Step 1 is where everybody stands: a failed check leads back to it and no further.
      const step = Math.max(1, braceReached([check], athlete.braceStep))
      // An assistant checks, and the product moves the step: the profile is not the assistant's to change.
      if (step !== athlete.braceStep)
        await asSystem(tx, context.actor, () =>
          setBraceStep(tx, organisationId, athleteId, step))
      await record(tx, context, 'brace.check', {
        athleteId, subjectId: check.id, before: { braceStep: athlete.braceStep },
        after: { ...check, passed, braceStep: step },
      })
    }
    return mustSeeAthlete(tx, context, athleteId)
  })
}

/** Sets the cue and the homework of one athlete's brace course. Homework counts from the day it was set or changed. */
export function setBraceCourse(
  context: Context, athleteId: string, { cue, homework }: Pick<BraceCourse, 'cue' | 'homework'>,
): Promise<BraceCourse> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    if (homework !== null) await mustNotBeStopped(tx, context, athleteId, context.today)
    const before = await braceCourse(tx, organisationId, athleteId)
    const same = before.homework?.timesADay === homework?.timesADay && before.homework?.until === homework?.until
    await saveBraceCourse(tx, organisationId, athleteId, {
      cue, homework,
      setOn: homework === null ? null : same ? before.setOn : context.today,
    })
    await record(tx, context, 'brace.course', {
      athleteId, before: { cue: before.cue, homework: before.homework }, after: { cue, homework },
    })
    return braceCourse(tx, organisationId, athleteId)
  })
}

/** One practice at home. Sending it twice counts once. */
export function logPractice(
  context: Context, athleteId: string, practice: Practice & { id: string },
): Promise<{ practices: Practice[] }> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    await mustNotBeStopped(tx, context, athleteId, practice.day)
    if (practice.day > addDays(context.today, 1))
      throw new AppError('badInput', 'This day is yet to come.', { day: 'This day is yet to come.' })
    await insertPractice(tx, organisationId, athleteId, practice)
    await record(tx, context, 'brace.practice', { athleteId, subjectId: practice.id, after: practice })
    return { practices: await practicesSince(tx, organisationId, addDays(context.today, -PRACTICE_DAYS), athleteId) }
  })
}

/** Refuses brace work on a day a red flag stands on. */
async function mustNotBeStopped(tx: Tx, context: Context, athleteId: string, day: string): Promise<void> {
  const truth = await healthTruth(tx, context, athleteId)
  if (redFlags(truth.on(day).flags).length > 0) throw new AppError('stopped', NO_BRACE_WORK)
}
