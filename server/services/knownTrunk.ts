import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { knownTrunk, type Evidence, type KnownTrunk, type Trunk } from '~~/core/capacity'
import { isOwn, type Catalogue } from '~~/core/catalogue'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { Athlete } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { catalogueOfOrganisation } from './catalogue'
import { mustSeeAthlete, transaction, type Context } from './context'
import { memory } from './memory'

const reckoned = memory<KnownTrunk>(500)

/** What a trunk is known from, for a week: all that was tested and done until its Sunday. */
async function sourceOf(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<Parameters<typeof remembered>> {
  const [from, to] = [addDays(startsOn, -EVIDENCE_DAYS), addDays(startsOn, 6)]
  const trials = await trialsSince(tx, organisationId, from, [athlete.id])
  const logs = await logsBetween(tx, organisationId, [athlete.id], from, to)
  const evidence = trunkEvidence(trials, logs, athlete.stands)
  return [trunkOf(athlete, startsOn), evidence, await catalogueOfOrganisation(tx, organisationId), to]
}

/** What is known of an athlete's trunk for a week. Reckoned here unless it was readied before. */
export async function knownTrunkFor(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<KnownTrunk> {
  return remembered(...await sourceOf(tx, organisationId, athlete, startsOn))
}

/** Reckons what is known of a trunk ahead and outside of every transaction: no connection waits for it. */
export async function readyTrunk(context: Context, athleteId: string, startsOn: string): Promise<void> {
  const { organisationId } = context.actor
  remembered(...await transaction(context, async tx =>
    sourceOf(tx, organisationId, await mustSeeAthlete(tx, context, athleteId), startsOn)))
}

function remembered(trunk: Trunk, evidence: Evidence, catalogue: Catalogue, today: string): KnownTrunk {
  return reckoned([trunk, evidence, catalogue.variations.filter(isOwn), today],
    () => knownTrunk(trunk, evidence, catalogue, today))
}
