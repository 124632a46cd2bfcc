import type { Catalogue } from '~~/core/catalogue'
import type { Screen } from '~~/core/screening'
import { screenOf } from '~~/shared/planningContext'
import type { Athlete } from '~~/shared/types'
import { asSystem } from '../database/connection'
import { athletesByIds } from '../repositories/athletes'
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
  return (await healthTruths(tx, { actor }, [athleteId])).get(athleteId)!
}

const truthIn = (catalogue: Catalogue, athlete: Athlete): Truth =>
  ({ athlete, catalogue, on: day => screenOf(athlete, day, catalogue) })

/** The truth of an athlete that was just read; an assistant read less than there is. */
export async function truthOf(tx: Tx, { actor }: Pick<Context, 'actor'>, athlete: Athlete): Promise<Truth> {
  if (actor.role === 'assistant') return healthTruth(tx, { actor }, athlete.id)
  return truthIn(await catalogueOfOrganisation(tx, actor.organisationId), athlete)
}

/** The same of several athletes in sight, asked at once. */
export async function healthTruths(
  tx: Tx, { actor }: Pick<Context, 'actor'>, athleteIds: readonly string[],
): Promise<Map<string, Truth>> {
  if (athleteIds.length === 0) return new Map()
  const { organisationId } = actor
  const read = (): Promise<Athlete[]> => athletesByIds(tx, organisationId, athleteIds)
  // Only an assistant sees less of an athlete in sight than there is.
  const athletes = await (actor.role === 'assistant' ? asSystem(tx, actor, read) : read())
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  return new Map(athletes.map(athlete => [athlete.id, truthIn(catalogue, athlete)]))
}
