import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { knownTrunk, type KnownTrunk } from '~~/core/capacity'
import { isOwn, type Catalogue } from '~~/core/catalogue'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { Athlete, StoredSetLog, StoredTrial } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import type { Tx } from '../repositories/rows'
import { logsBetween } from '../repositories/setLogs'
import { catalogueOfOrganisation } from './catalogue'
import { memory } from './memory'

const reckoned = memory<KnownTrunk>(500)

/** What a trunk is known from, for a week: all that was tested and done until its Sunday. */
interface TrunkSource {
  readonly athlete: Athlete
  readonly startsOn: string
  readonly trials: readonly StoredTrial[]
  readonly logs: readonly StoredSetLog[]
  readonly catalogue: Catalogue
}

export async function trunkSource(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<TrunkSource> {
  const [from, to] = [addDays(startsOn, -EVIDENCE_DAYS), addDays(startsOn, 6)]
  return {
    athlete, startsOn, trials: await trialsSince(tx, organisationId, from, [athlete.id]),
    logs: await logsBetween(tx, organisationId, [athlete.id], from, to),
    catalogue: await catalogueOfOrganisation(tx, organisationId),
  }
}

/** What is known of a trunk for a week. It takes a while the first time: best outside of every transaction. */
export function trunkKnown({ athlete, startsOn, trials, logs, catalogue }: TrunkSource): KnownTrunk {
  const [trunk, evidence] = [trunkOf(athlete, startsOn), trunkEvidence(trials, logs, athlete.stands)]
  const sunday = addDays(startsOn, 6)
  return reckoned([trunk, evidence, catalogue.variations.filter(isOwn), sunday],
    () => knownTrunk(trunk, evidence, catalogue, sunday))
}
