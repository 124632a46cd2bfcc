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
