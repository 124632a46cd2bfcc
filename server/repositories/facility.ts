import type { Tx } from './rows'

/** How many of each kind of equipment the organisation has. */
export async function equipmentCounts(tx: Tx, organisationId: string): Promise<Record<string, number>> {
  const rows = await tx<{ organisation_id: string, equipment: string, count: number }>('facility_equipment')
    .where({ organisation_id: organisationId })
  return Object.fromEntries(rows.map(row => [row.equipment, row.count]))
}

export async function setEquipmentCounts(
  tx: Tx, organisationId: string, counts: Readonly<Record<string, number>>,
): Promise<void> {
  await tx('facility_equipment').where({ organisation_id: organisationId }).delete()
  const rows = Object.entries(counts).filter(([, count]) => count > 0)
    .map(([equipment, count]) => ({ organisation_id: organisationId, equipment, count }))
  if (rows.length > 0) await tx('facility_equipment').insert(rows)
}

/** The version of the counts as a whole. */
export async function facilityVersion(tx: Tx, organisationId: string): Promise<number> {
  const row = await tx('organisation').where({ id: organisationId }).first<{ facility_version: number }>(
    'facility_version',
  )
  return row.facility_version
}

/** Takes the next version; false when another write came first. */
export async function claimFacilityVersion(tx: Tx, organisationId: string, version: number): Promise<boolean> {
  const changed = await tx('organisation').where({ id: organisationId, facility_version: version }).update({
    facility_version: version + 1,
  })
  return changed > 0
}
