import { addDays } from '~~/core/calendar'
import type { Assessment } from '~~/shared/types'
import { answersOf, braceChecksOf, trialsSince } from '../repositories/assessment'
import { braceCourse, practicesSince } from '../repositories/braceCourse'
import { mustSeeAthlete, transaction, type Context } from './context'
import { mayReadAnswers } from './guardians'
import { recordHealthRead } from './record'
import { PRACTICE_DAYS } from './brace'
import { BACK_DAYS, ownErrors } from './trials'

/** What is known about one athlete besides the profile. */
export function assessment(context: Context, athleteId: string): Promise<Assessment> {
  const { organisationId } = context.actor
  return transaction(context, async (tx) => {
    const athlete = await mustSeeAthlete(tx, context, athleteId)
    await recordHealthRead(tx, context, [athlete])
    const may = await mayReadAnswers(tx, context, athlete)
    return {
      answers: may ? await answersOf(tx, organisationId, athleteId) : null,
      answersClosed: !may,
      healthVersion: athlete.health.version,
      screenedOn: athlete.screenedOn,
      braceStep: athlete.braceStep,
      clearances: athlete.clearances,
      flags: athlete.flags,
      raised: athlete.health.raised,
      braceChecks: await braceChecksOf(tx, organisationId, athleteId),
      trials: await trialsSince(tx, organisationId, addDays(context.today, -BACK_DAYS), [athleteId]),
      course: await braceCourse(tx, organisationId, athleteId),
      practices: await practicesSince(tx, organisationId, addDays(context.today, -PRACTICE_DAYS), athleteId),
      errors: await ownErrors(tx, context),
    }
  })
}
