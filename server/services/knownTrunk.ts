import { EVIDENCE_DAYS } from '~~/core/assessment'
import { addDays } from '~~/core/calendar'
import { knownTrunk, type KnownTrunk } from '~~/core/capacity'
import { trunkEvidence, trunkOf } from '~~/shared/trunkOf'
import type { Athlete } from '~~/shared/types'
import { trialsSince } from '../repositories/assessment'
import { logsBetween } from '../repositories/setLogs'
import type { Tx } from '../repositories/rows'
import { catalogueOfOrganisation } from './catalogue'

/** What is known of an athlete's trunk for a week, by all that was tested and done until its Sunday. */
export async function knownTrunkFor(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<KnownTrunk> {
  const [from, to] = [addDays(startsOn, -EVIDENCE_DAYS), addDays(startsOn, 6)]
  const trials = await trialsSince(tx, organisationId, from, athlete.id)
  const logs = await logsBetween(tx, organisationId, [athlete.id], from, to)
  return knownTrunk(
    trunkOf(athlete, startsOn), trunkEvidence(trials, logs, athlete.stands),
    await catalogueOfOrganisation(tx, organisationId), to,
  )
}
