import { createHash } from 'node:crypto'
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

/** What was reckoned last, by what it was reckoned from: the same evidence is asked for many times a day. */
const reckoned = new Map<string, KnownTrunk>()
const MOST = 500

/** What is known of an athlete's trunk for a week, by all that was tested and done until its Sunday. */
export async function knownTrunkFor(
  tx: Tx, organisationId: string, athlete: Athlete, startsOn: string,
): Promise<KnownTrunk> {
  const [from, to] = [addDays(startsOn, -EVIDENCE_DAYS), addDays(startsOn, 6)]
  const trials = await trialsSince(tx, organisationId, from, athlete.id)
  const logs = await logsBetween(tx, organisationId, [athlete.id], from, to)
  const catalogue = await catalogueOfOrganisation(tx, organisationId)
  return remembered(trunkOf(athlete, startsOn), trunkEvidence(trials, logs, athlete.stands), catalogue, to)
}

function remembered(trunk: Trunk, evidence: Evidence, catalogue: Catalogue, today: string): KnownTrunk {
  const from = JSON.stringify([trunk, evidence, catalogue.variations.filter(isOwn), today])
  const key = createHash('sha256').update(from).digest('base64')
  const found = reckoned.get(key) ?? knownTrunk(trunk, evidence, catalogue, today)
  reckoned.delete(key)
  reckoned.set(key, found)
  const [oldest] = reckoned.keys()
  if (reckoned.size > MOST && oldest !== undefined) reckoned.delete(oldest)
  return found
}
