import { AppError } from '~~/shared/errors'
import type { Athlete, PlaceInput } from '~~/shared/types'
import { setRung } from '../repositories/assessment'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'

/** Puts an athlete on a rung by hand, with the reason. */
export function placeByHand(
  context: Context, athleteId: string, { version, ladder, rung, reason }: PlaceInput,
): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await mustSeeAthlete(tx, context, athleteId)
    const rungs = (await catalogueOfOrganisation(tx, organisationId)).ladders.find(l => l.id === ladder)?.rungs
    if (!rungs) throw new AppError('badInput', 'There is no such ladder.', { ladder: 'There is no such ladder.' })
    if (rung > rungs.length)
      throw new AppError('badInput', `This ladder has ${rungs.length} rungs.`, {
        rung: `This ladder has ${rungs.length} rungs.`,
      })
    if (!await setRung(tx, organisationId, athleteId, version, ladder, rung)) {
      throw new AppError(
        'changedElsewhere',
        `${before.changedBy ?? 'Somebody else'} changed this athlete meanwhile.`,
        undefined, before,
      )
    }
    await record(tx, context, 'rung.place', {
      athleteId, subjectId: ladder, before: { rung: before.rungs[ladder] ?? 1 }, after: { rung, reason },
    })
    return mustSeeAthlete(tx, context, athleteId)
  })
}
