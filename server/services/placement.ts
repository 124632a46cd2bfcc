import { standOn } from '~~/core/catalogue'
import { AppError } from '~~/shared/errors'
import type { Athlete, PlaceInput } from '~~/shared/types'
import { setStands } from '../repositories/assessment'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, writing, type Context } from './context'
import { record } from './record'

/** Puts an athlete on a rung by hand, with the reason. */
export function placeByHand(
  context: Context, athleteId: string, { version, variationId, reason }: PlaceInput,
): Promise<Athlete> {
  const { organisationId } = context.actor
  return writing(context, async (tx) => {
    const before = await mustSeeAthlete(tx, context, athleteId)
    const catalogue = await catalogueOfOrganisation(tx, organisationId)
    const branch = catalogue.branch(catalogue.find(variationId)?.branch ?? '')
    if (!branch?.rungs.some(rung => rung.id === variationId))
      throw new AppError('badInput', 'There is no such rung.', { variationId: 'There is no such rung.' })
    if (!await setStands(tx, organisationId, athleteId, version, standOn(before.stands, variationId, catalogue))) {
      throw new AppError(
        'changedElsewhere',
        `${before.changedBy ?? 'Somebody else'} changed this athlete meanwhile.`,
        undefined, before,
      )
    }
    const from = before.stands.find(id => catalogue.find(id)?.branch === branch.id) ?? null
    await record(tx, context, 'rung.place', {
      athleteId, subjectId: variationId, before: { stands: from }, after: { stands: variationId, reason },
    })
    return mustSeeAthlete(tx, context, athleteId)
  })
}
