import type pg from 'pg'
import type { Told } from './device'

/** What the devices were told, held against the database. */
export interface Account {
  writes: number
  /** Told stored, and not there. */
  lost: number
  /** There more than once. */
  doubled: number
  /** Told refused and there all the same, or in another state than told. */
  contradicted: number
  /** A part of an aggregate without the rest. */
  half: number
  details: string[]
}

type Row = Record<string, unknown>

// eslint-disable-next-line complexity -- a list of questions, each a line of its own
export async function account(client: pg.Client, athleteId: string, told: readonly Told[]): Promise<Account> {
  const found: Account = { writes: told.length, lost: 0, doubled: 0, contradicted: 0, half: 0, details: [] }
  const blame = (kind: 'lost' | 'doubled' | 'contradicted' | 'half', text: string): void => {
    found[kind] += 1
    found.details.push(`${kind}: ${text}`)
  }
  const rows = async (text: string, values: unknown[] = [athleteId]): Promise<Row[]> =>
    (await client.query<Row>(text, values)).rows

  // Each write leaves its line in the record in the transaction that does it: one if stored, none if refused.
  for (const { writeId, route, outcome } of told) {
    const lines = (await rows('select id from audit where write_id = $1', [writeId])).length
    if (outcome === 'stored' && lines === 0) blame('lost', `${route} ${writeId}`)
    if (outcome === 'stored' && lines > 1) blame('doubled', `${route} ${writeId}: ${lines} lines`)
    if (outcome === 'refused' && lines > 0) blame('contradicted', `${route} ${writeId} was refused and is there`)
  }

  const stored = (route: string): Told[] => told.filter(t => t.outcome === 'stored' && t.route === route)
  const [athlete] = await rows('select version, mass_kg from athlete where id = $1')
  const lastSave = stored('PUT /api/athletes/:id').at(-1)?.answer
  if (!athlete) blame('lost', 'the athlete')
  else if (lastSave && (athlete.version !== lastSave.version || athlete.mass_kg !== lastSave.massKg))
    blame('contradicted', 'the athlete\'s last save')
  if ((await rows('select 1 from group_member where athlete_id = $1')).length !== 1)
    blame('half', 'an athlete without the group')
  if ((await rows('select 1 from athlete_health where athlete_id = $1')).length !== 1)
    blame('half', 'an athlete without the health row')

  // Every stored save of the week raised its version by one, and every drill that was told stored is in it once.
  const saves = stored('PUT /api/athletes/:id/weeks/:day')
  const [week] = await rows('select version, assigned_version, plan from training_week where athlete_id = $1')
  if (week?.version !== saves.length)
    blame('contradicted', `the week stands at ${String(week?.version)} after ${saves.length} stored saves`)
  const items = ((week?.plan as { sessions?: { items: { id: string }[] }[] })?.sessions ?? []).flatMap(s =>
    s.items.map(i => i.id)
  ).sort()
  if (items.join() !== 'a0,a1,a2,b0,b1,b2')
    blame(new Set(items).size < items.length ? 'doubled' : 'lost', `drills in the week: ${items.join()}`)

  const frozen = await rows(`select i.id from prescribed_item i join prescribed_session s on s.id = i.session_id
    where s.athlete_id = $1 and i.withdrawn_at is null and s.withdrawn_at is null`)
  const assigned = stored('POST /api/athletes/:id/weeks/:day/assign').length
  if (assigned > 0 && frozen.length !== items.length)
    blame('half', `${frozen.length} drills frozen of ${items.length} assigned`)
  if (assigned === 0 && frozen.length > 0) blame('contradicted', 'drills frozen and nobody was told')

  const sent = stored('POST /api/logs').flatMap(t => t.answer.stored as string[]).sort()
  const logs = (await rows('select id from set_log where athlete_id = $1')).map(r => r.id as string).sort()
  if (new Set(logs).size !== logs.length) blame('doubled', 'a set log')
  for (const id of sent) if (!logs.includes(id)) blame('lost', `set ${id}`)
  for (const id of logs) if (!sent.includes(id)) blame('contradicted', `set ${id} is there and nobody was told`)
  return found
}
