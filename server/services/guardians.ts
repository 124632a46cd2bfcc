import { isMinor } from '~~/shared/minor'
import { AppError } from '~~/shared/errors'
import type { Athlete, Guardian, GuardianAnswer } from '~~/shared/types'
import { guardianOf, saveGuardian } from '../repositories/guardians'
import { listStaff } from '../repositories/people'
import type { Tx } from '../repositories/rows'
import { mustSeeAthlete, transaction, writing, type Context } from './context'
import { record } from './record'

/** Who answers for an athlete, and the coaches who could be named. */
export function theGuardian(context: Context, athleteId: string): Promise<GuardianAnswer> {
  return transaction(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    return answerIn(tx, context, athleteId)
  })
}

async function answerIn(tx: Tx, { actor: { organisationId } }: Context, athleteId: string): Promise<GuardianAnswer> {
  const staff = await listStaff(tx, organisationId)
  return {
    guardian: await guardianOf(tx, organisationId, athleteId),
    coaches: staff.filter(({ role, state }) => role === 'coach' && state === 'active')
      .map(({ id, name }) => ({ id, name })),
  }
}

/** Writes down who answers for an athlete, and that they consented. Who reads answers is a head coach's to say. */
export function changeGuardian(context: Context, athleteId: string, input: Guardian): Promise<GuardianAnswer> {
  const { organisationId, personId, role } = context.actor
  return writing(context, async (tx) => {
    await mustSeeAthlete(tx, context, athleteId)
    if (input.consentOn !== null && input.consentOn > context.today) {
      const text = 'A consent is written down once it is given.'
      throw new AppError('badInput', text, { consentOn: text })
    }
    const before = await guardianOf(tx, organisationId, athleteId)
    const coaches = role === 'headCoach' ? input.coaches : before?.coaches ?? []
    if (!await saveGuardian(tx, organisationId, athleteId, { ...input, coaches }, personId)) {
      throw new AppError(
        'changedElsewhere', 'Somebody else changed this meanwhile: look at it again.', undefined,
        await guardianOf(tx, organisationId, athleteId),
      )
    }
    // What they are called stands with the athlete only.
    await record(tx, context, 'guardian.change', {
      athleteId, before: before && { consentOn: before.consentOn, coaches: before.coaches },
      after: { consentOn: input.consentOn, coaches },
    })
    return answerIn(tx, context, athleteId)
  })
}

/**
 * Whether somebody reads the answers to health questions: the athlete, head coaches, coaches; of somebody under age
 * only the coaches that a head coach has named.
 */
export async function mayReadAnswers(
  tx: Tx, { actor, today }: Pick<Context, 'actor' | 'today'>, athlete: Pick<Athlete, 'id' | 'birthYear'>,
): Promise<boolean> {
  const { organisationId, personId, role } = actor
  if (role === 'assistant') return false
  if (role !== 'coach' || !isMinor(athlete, today)) return true
  return (await guardianOf(tx, organisationId, athlete.id))?.coaches.includes(personId) ?? false
}
