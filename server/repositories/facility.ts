import type { Facility } from '~~/shared/types'
import { json, type Tx } from './rows'

type Equipped = Pick<Facility, 'counts' | 'weights'>

/** How many of each kind of equipment the organisation has, and what each weighs or pulls. */
export async function equipped(tx: Tx, organisationId: string): Promise<Equipped> {
  const rows = await tx<{ organisation_id: string, equipment: string, count: number, weights: number[] }>(
    'facility_equipment',
  ).where({ organisation_id: organisationId })
  return {
    counts: Object.fromEntries(rows.map(row => [row.equipment, row.count])),
    weights: Object.fromEntries(
      rows.filter(row => row.weights.length > 0).map(row => [row.equipment, row.weights]),
    ),
  }
}

export async function setEquipped(tx: Tx, organisationId: string, { counts, weights }: Equipped): Promise<void> {
  await tx('facility_equipment').where({ organisation_id: organisationId }).delete()
  const rows = Object.entries(counts).filter(([, count]) => count > 0).map(([equipment, count]) => ({
    organisation_id: organisationId, equipment, count,
    weights: json([...weights[equipment] ?? []].sort((a, b) => a - b)),
  }))
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
