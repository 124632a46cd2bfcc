import type { Guardian } from '~~/shared/types'
import type { Tx } from './rows'

interface GuardianRow {
  organisation_id: string
  athlete_id: string
  version: number
  name: string
  contact: string
  consent_on: string | null
  coaches: string[]
}

export async function guardianOf(tx: Tx, organisationId: string, athleteId: string): Promise<Guardian | null> {
  const row = await tx<GuardianRow>('guardian').where({ organisation_id: organisationId, athlete_id: athleteId })
    .first()
  return row
    ? {
      version: row.version, name: row.name, contact: row.contact, consentOn: row.consent_on, coaches: row.coaches,
    }
    : null
}

/** Stores over the version that was read (0: there was none); false when another write came first. */
export async function saveGuardian(
  tx: Tx, organisationId: string, athleteId: string, { version, name, contact, consentOn, coaches }: Guardian,
  personId: string,
): Promise<boolean> {
  const row = {
    name, contact, consent_on: consentOn, coaches: [...coaches], version: version + 1, changed_by: personId,
    changed_at: tx.fn.now(),
  }
  const own = { organisation_id: organisationId, athlete_id: athleteId }
  if (version > 0) return await tx('guardian').where({ ...own, version }).update(row) > 0
  const made = await tx('guardian').insert({ ...row, ...own }).onConflict('athlete_id').ignore()
    .returning<{ version: number }[]>('version')
  return made.length > 0
}
