import type { Catalogue } from '~~/core/catalogue'
import type { Screen } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { athleteById } from '../repositories/athletes'
import type { Tx } from '../repositories/rows'
import { catalogueOfOrganisation } from './catalogue'
import type { Context } from './context'

/** An athlete with all that health takes away, whoever asks: for deciding, never for handing out. */
export interface Truth {
  readonly athlete: Athlete
  readonly catalogue: Catalogue
  readonly on: (day: string) => Screen
}

/** What is true of an athlete in sight, even where who acts may not know why. */
export async function healthTruth(tx: Tx, { actor }: Pick<Context, 'actor'>, athleteId: string): Promise<Truth> {
  const { organisationId } = actor
  const athlete = (await asSystem(tx, actor, () => athleteById(tx, organisationId, athleteId)))!
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  return { athlete, catalogue, on: day => screenOf(athlete, day, catalogue) }
}
