import type { RunningFloor } from '~~/shared/floorRoom'
import type { FloorBoard } from '~~/shared/types'
import { json, type Tx } from './rows'

interface BoardRow {
  group_id: string
  day: string
  device: string
  state: RunningFloor
  name: string | null
  at: Date
}

/** The board of a squad's floor on a day. */
export async function boardOf(
  tx: Tx, organisationId: string, groupId: string, day: string,
): Promise<FloorBoard | null> {
  const row = await tx('floor_board').leftJoin('person', 'person.id', 'floor_board.person_id')
    .where({ 'floor_board.organisation_id': organisationId, 'floor_board.group_id': groupId, 'floor_board.day': day })
    .first<BoardRow | undefined>('floor_board.*', 'person.name')
  return row ? { device: row.device, by: row.name ?? '', at: row.at.toISOString(), floor: row.state } : null
}

/** Keeps the board of a day; those of days before are of no use. */
export async function keepBoard(
  tx: Tx, organisationId: string, personId: string | null, groupId: string,
  { day, device, floor }: { readonly day: string, readonly device: string, readonly floor: RunningFloor },
): Promise<void> {
  await tx('floor_board').where({ organisation_id: organisationId, group_id: groupId }).where('day', '<', day).delete()
  const row = { device, state: json(floor), person_id: personId, at: tx.fn.now() }
  await tx('floor_board').insert({ ...row, organisation_id: organisationId, group_id: groupId, day })
    .onConflict(['group_id', 'day']).merge(row)
}
